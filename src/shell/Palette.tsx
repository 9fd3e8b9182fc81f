import { type KeyboardEvent, useState } from "react";
import { Modal } from "../parts/Modal.tsx";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { type Action, actions } from "./actions.ts";

/** All commands by name: type a part of it, Enter does the first. */
export function Palette() {
  const [text, setText] = useState("");
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = actions()
    .filter(({ name }, k, all) => all.findIndex((other) => other.name === name) === k)
    .filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
  const run = (action: Action) => {
    openDialog(undefined);
    action.run();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const [first] = found;
    if (event.key === "Enter" && first) run(first);
  };
  return (
    <Modal title={ui.palette.title} onClose={() => openDialog(undefined)}>
      <input
        data-autofocus
        className="input mb-2 w-full"
        aria-label={ui.palette.placeholder}
        placeholder={ui.palette.placeholder}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={onKeyDown}
      />
      {found.length === 0 && <p>{ui.palette.nothing}</p>}
      <ul>
        {found.map((action) => (
          <li key={action.name}>
            <button
              type="button"
              className="flex min-h-9 w-full cursor-pointer items-center justify-between rounded px-2 text-left hover:bg-primary/10"
              onClick={() => run(action)}
            >
              {action.name}
              <span className="text-sm opacity-75">
                {action.ctrl && `${ui.control} + `}
                {action.shift && "Shift + "}
                {action.keys?.[0]}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
