import type { FigureUnit } from "../../core/length/quantity.ts";
import { fromShown, shownAmount, toShown, typedAs } from "../../core/length/quantity.ts";
import { editSetting } from "../../core/project/commands.ts";
import type { SettingName } from "../../core/project/defaults.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { NumberField } from "../fields/NumberField.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

/** A setting that is a number, and how it is typed. */
export interface SettingRow {
  name: SettingName;
  label: string;
  /** Its unit, in which it is shown and typed; or a word after the number. */
  unit?: FigureUnit;
  suffix?: string;
  min?: number;
  max: number;
  integer?: boolean;
}

interface SettingFieldProps extends SettingRow {
  project: Project;
}

/** Settings two abreast. */
export function SettingRows({ project, rows }: { project: Project; rows: SettingRow[] }) {
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      {rows.map((row) => (
        <SettingField key={row.name} project={project} {...row} />
      ))}
    </div>
  );
}

/** A setting that rests on a default of the trade until somebody changes it, and goes back to it. */
function SettingField({
  project,
  name,
  label,
  unit = "count",
  suffix,
  min = 0,
  max,
  integer = false,
}: SettingFieldProps) {
  const style = useJobStyle();
  const { settings, given } = jobOf(project);
  const typed = typedAs(unit, style);
  const decimals = integer ? 0 : Math.max(2, shownAmount(1, unit, style).decimals);
  const round = (value: number) => Number(value.toFixed(decimals));
  return (
    <div className="min-w-0 flex-1" data-setting={name}>
      <NumberField
        label={`${label} (${given[name] ? ui.figure.yours : ui.figure.default})`}
        name={`setting/${name}`}
        value={round(toShown(settings[name] as number, typed))}
        min={round(toShown(min, typed))}
        max={round(toShown(max, typed))}
        integer={integer}
        suffix={suffix ?? typed.unit}
        onCommit={(shown) => dispatch(editSetting(name, fromShown(shown, typed)))}
      />
      {given[name] && (
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => dispatch(editSetting(name, undefined))}
        >
          {ui.figure.reset}
        </button>
      )}
    </div>
  );
}
