import { closeRuns } from "../../../core/adjust/close-run.ts";
import { formatJoint } from "../../../core/length/format.ts";
import { editField } from "../../../core/project/commands.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact, type PanelProps, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** The joint that ends this wall's runs with a whole tile, and whether it is within reason. */
export function CloseRun({ wall }: Pick<PanelProps, "wall">) {
  const style = useJobStyle();
  const runs = closeRuns(wall);
  if (runs.length === 0) return null;
  return (
    <Section title={ui.setOut.closeRun.title} open={false}>
      {runs.map(({ axis, length, tiles, rest, options }) => (
        <div key={axis} className="mb-2">
          <dl>
            <Fact name={ui.setOut.closeRun[axis]}>
              <Length mm={length} />
            </Fact>
            <Fact name={ui.setOut.closeRun.whole(tiles)}>
              <Length mm={rest} />
            </Fact>
          </dl>
          {options.map(({ tiles: count, joint, within }) => (
            <div key={count} className="flex items-center justify-between gap-2 py-0.5 text-sm">
              <span>{ui.setOut.closeRun.option(count, formatJoint(joint, style))}</span>
              {within ? (
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() => dispatch(editField({ joint }))}
                >
                  {ui.setOut.closeRun.take}
                </button>
              ) : (
                <span className="opacity-80">{ui.setOut.closeRun.beyond}</span>
              )}
            </div>
          ))}
        </div>
      ))}
      <p className="text-xs opacity-80">{ui.setOut.closeRun.hint}</p>
    </Section>
  );
}
