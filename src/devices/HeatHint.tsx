import { temperatureUnit, toShown } from "../../core/length/quantity.ts";
import { editSettings } from "../../core/project/commands.ts";
import { DEFAULTS } from "../../core/project/defaults.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { heatFactor } from "../../core/set/heat.ts";
import { useJobStyle } from "../fields/context.ts";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { useAir } from "./air-store.ts";

interface HeatHintProps {
  project: Project;
  /** A time that heat shortens. */
  name: "potLifeMin" | "openTimeMin" | "groutWorkMin";
  label: string;
}

/** What the air makes of a working time, and the button that takes it over. */
export function HeatHint({ project, name, label }: HeatHintProps) {
  const reading = useAir((state) => state.reading);
  const temperature = temperatureUnit(useJobStyle());
  if (!reading) return null;
  const minutes = Math.round(DEFAULTS[name] * heatFactor(reading.tempC));
  if (minutes === Math.round(jobOf(project).settings[name])) return null;
  const air = `${Math.round(toShown(reading.tempC, temperature))} ${temperature.unit}`;
  return (
    <p className="mb-1 text-sm" data-heat={name}>
      {ui.set.heat(air, label, minutes)}{" "}
      <button
        type="button"
        className="btn btn-xs"
        onClick={() => dispatch(editSettings({ [name]: minutes }))}
      >
        {ui.set.takeHeat}
      </button>
    </p>
  );
}
