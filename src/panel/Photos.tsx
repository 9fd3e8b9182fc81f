import { X } from "lucide-react";
import { ui } from "../words/ui.ts";
import { ChoosePhotos } from "./ChoosePhotos.tsx";
import { usePhotoAddress } from "./usePhotoAddress.ts";

interface PhotosProps {
  /** What they are of, aloud: "No. 3". */
  of: string;
  ids: string[];
  onChange: (ids: string[]) => void;
}

/** The photos of an entry, and the button that takes or chooses another. */
export function Photos({ of, ids, onChange }: PhotosProps) {
  return (
    <>
      <ul className="mt-2 flex flex-wrap gap-2">
        {ids.map((id, k) => (
          <li key={id} className="relative">
            <Photo id={id} label={ui.record.photo(k + 1, of)} />
            <button
              type="button"
              className="btn btn-square btn-sm no-print absolute top-1 right-1"
              aria-label={`${ui.record.removePhoto}: ${ui.record.photo(k + 1, of)}`}
              onClick={() => onChange(ids.filter((other) => other !== id))}
            >
              <X size={16} />
            </button>
          </li>
        ))}
      </ul>
      <ChoosePhotos
        multiple
        label={ui.record.addPhoto}
        name={`${ui.record.addPhoto}: ${of}`}
        onAdded={(added) => onChange([...ids, ...added])}
      />
    </>
  );
}

function Photo({ id, label }: { id: string; label: string }) {
  const address = usePhotoAddress(id);
  if (address === null) {
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
