import { Plus } from "lucide-react";
import { focusAdded } from "../state/focus.ts";

/** A quiet button that adds one more of what stands above it; the typing goes on in what is added. */
export function AddButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm px-1 text-primary"
      onClick={({ currentTarget }) => {
        const group = currentTarget.closest("section, details, fieldset, aside");
        if (group) focusAdded(group);
        onClick();
      }}
    >
      <Plus size={16} /> {label}
    </button>
  );
}
