import { useState } from "react";
import { Tick } from "../panel/PanelParts.tsx";
import { ui } from "../words/ui.ts";
import { lettersAreOn, turnLetters } from "./letters.ts";

/** All keys, and whether those of a single letter count. */
export function Shortcuts() {
  const [on, setOn] = useState(lettersAreOn);
  return (
    <>
      <Tick
        label={ui.shortcuts.letters}
        checked={on}
        onChange={(next) => {
          turnLetters(next);
          setOn(next);
        }}
      />
      <p className="mb-2 text-sm opacity-85">{ui.shortcuts.lettersHint}</p>
      <table className="w-full text-left">
        <tbody>
          {ui.shortcuts.rows.map(([keys, what]) => (
            <tr key={keys} className="border-b border-base-300/60">
              <th scope="row" className="py-1.5 pr-4 font-semibold whitespace-nowrap">
                {keys}
              </th>
              <td className="py-1.5">{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
