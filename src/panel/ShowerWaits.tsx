import type { FirstShower } from "../../core/hand-over/first-shower.ts";
import { ui } from "../words/ui.ts";
import { Fact } from "./PanelParts.tsx";

/** What the first shower waits for, each with its hours. */
export function ShowerWaits({ because }: Pick<FirstShower, "because">) {
  return (
    <dl>
      {because.map(({ step, hours }) => (
        <Fact key={step} name={ui.grout.shower.steps[step]}>
          {hours} h
        </Fact>
      ))}
    </dl>
  );
}
