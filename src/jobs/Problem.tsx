import { ui } from "../words/ui.ts";

interface ProblemProps {
  title: string;
  list?: string[];
  onClose?: () => void;
}

/** Something that went wrong, with what was wrong. */
export function Problem({ title, list = [], onClose }: ProblemProps) {
  return (
    <div role="alert" className="mb-4 border-l-4 border-error bg-base-100 p-3">
      <p className="name font-semibold">{title}</p>
      <ul className="mt-1 list-disc pl-5 text-sm">
        {list.map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
      </ul>
      {onClose && (
        <button type="button" className="btn btn-sm mt-2" onClick={onClose}>
          {ui.close}
        </button>
      )}
    </div>
  );
}
