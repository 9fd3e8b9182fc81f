import { Camera } from "lucide-react";
import { type ChangeEvent, useRef, useState } from "react";
import { addPhoto } from "../storage/photos.ts";
import { ui } from "../words/ui.ts";

interface ChoosePhotosProps {
  label: string;
  /** What the field is called aloud, where the button's words are not enough. */
  name?: string;
  multiple?: boolean;
  onAdded: (ids: string[]) => void;
}

/** The button that takes or chooses photos; each is kept in the browser, or said why it is not. */
export function ChoosePhotos({
  label,
  name = label,
  multiple = false,
  onAdded,
}: ChoosePhotosProps) {
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const add = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = "";
    setBusy(true);
    setProblem(undefined);
    const added: string[] = [];
    for (const file of files) {
      const photo = await addPhoto(file);
      if (photo.ok) added.push(photo.id);
      else setProblem(ui.record.problems[photo.problem](file.name));
    }
    setBusy(false);
    if (added.length > 0) onAdded(added);
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple={multiple}
        className="sr-only"
        tabIndex={-1}
        aria-label={name}
        data-choose-photo
        onChange={(event) => void add(event)}
      />
      <button
        type="button"
        className="btn btn-sm no-print mt-1"
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        <Camera size={16} /> {busy ? ui.record.working : label}
      </button>
      {problem && (
        <p role="alert" className="mt-1 text-sm text-error">
          {problem}
        </p>
      )}
    </>
  );
}
