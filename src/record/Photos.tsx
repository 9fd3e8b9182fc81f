import { useLiveQuery } from "dexie-react-hooks";
import { Camera, X } from "lucide-react";
import { type ChangeEvent, useEffect, useRef, useState } from "react";
import { database } from "../storage/database.ts";
import { addPhoto } from "../storage/photos.ts";
import { ui } from "../words/ui.ts";

interface PhotosProps {
  number: number;
  ids: string[];
  onChange: (ids: string[]) => void;
}

/** The photos of an entry, and the button that takes or chooses another. */
export function Photos({ number, ids, onChange }: PhotosProps) {
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
    if (added.length > 0) onChange([...ids, ...added]);
  };
  return (
    <>
      <ul className="mt-2 flex flex-wrap gap-2">
        {ids.map((id, k) => (
          <li key={id} className="relative">
            <Photo id={id} label={ui.record.photo(k + 1, number)} />
            <button
              type="button"
              className="btn btn-square btn-sm no-print absolute top-1 right-1"
              aria-label={`${ui.record.removePhoto}: ${ui.record.photo(k + 1, number)}`}
              onClick={() => onChange(ids.filter((other) => other !== id))}
            >
              <X size={16} />
            </button>
          </li>
        ))}
      </ul>
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        className="sr-only"
        tabIndex={-1}
        aria-label={`${ui.record.addPhoto}: ${ui.record.entry(number)}`}
        onChange={(event) => void add(event)}
      />
      <button
        type="button"
        className="btn btn-sm no-print mt-1"
        disabled={busy}
        onClick={() => input.current?.click()}
      >
        <Camera size={16} /> {busy ? ui.record.working : ui.record.addPhoto}
      </button>
      {problem && (
        <p role="alert" className="mt-1 text-sm text-error">
          {problem}
        </p>
      )}
    </>
  );
}

function Photo({ id, label }: { id: string; label: string }) {
  const photo = useLiveQuery(async () => (await database.photos.get(id)) ?? null, [id]);
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!photo) return;
    const url = URL.createObjectURL(photo.blob);
    setAddress(url);
    return () => URL.revokeObjectURL(url);
  }, [photo]);
  if (photo === null) {
    return (
      <p className="w-44 border border-base-300 p-2 text-sm" data-photo="missing">
        {ui.record.missingPhoto}
      </p>
    );
  }
  return address ? (
    <img src={address} alt={label} className="h-32 border border-base-300" data-photo={id} />
  ) : null;
}
