import { ui } from "../words/ui.ts";

interface ChangedProps {
  theirs: string;
  onMine: () => void;
  onTheirs: () => void;
}

/** What is typed here was changed elsewhere meanwhile: which of the two is it to be? */
export function Changed({ theirs, onMine, onTheirs }: ChangedProps) {
  return (
    <div role="alert" className="mt-1 text-xs" data-changed-meanwhile>
      <p className="name">{ui.typing.changed(theirs === "" ? ui.typing.empty : theirs)}</p>
      <div className="mt-1 flex flex-wrap gap-1">
        <button type="button" className="btn btn-xs" onClick={onMine}>
          {ui.typing.mine}
        </button>
        <button type="button" className="btn btn-xs" onClick={onTheirs}>
          {ui.typing.theirs}
        </button>
      </div>
    </div>
  );
}
