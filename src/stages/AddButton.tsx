import { Plus } from "lucide-react";

/** A quiet button that adds one more of what stands above it. */
export function AddButton({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" className="btn btn-ghost btn-sm px-1 text-primary" onClick={onClick}>
      <Plus size={16} /> {label}
    </button>
  );
}
