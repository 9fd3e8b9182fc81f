import type { Project } from "../../core/project/schema.ts";
import { type SettingRow, SettingRows } from "../panel/SettingField.tsx";
import { ui } from "../words/ui.ts";

/** How fast the work goes: each on a default of the trade until somebody says otherwise. */
export function RateFields({ project }: { project: Project }) {
  const names = ui.days.rateNames;
  const row = (name: keyof typeof names, rest: Omit<SettingRow, "name" | "label">): SettingRow => ({
    ...{ name, label: names[name] },
    ...rest,
  });
  return (
    <details className="mt-2 max-w-3xl">
      <summary className="section-title cursor-pointer">{ui.days.rates}</summary>
      <SettingRows
        project={project}
        rows={[
          row("boardRate", { unit: "m2", min: 0.01, max: 1000 }),
          row("stripPace", { unit: "m", min: 0.01, max: 1000 }),
          row("coatPace", { unit: "m2", min: 0.01, max: 1000 }),
          row("setOutHours", { suffix: "h", min: 0.1, max: 24 }),
          row("setHours", { suffix: "h", min: 0.5, max: 24 }),
          row("spreadRate", { unit: "m2", min: 0.01, max: 1000 }),
          row("washRate", { unit: "m2", min: 0.01, max: 1000 }),
          row("sealantPace", { unit: "m", min: 0.01, max: 1000 }),
          row("sealerPace", { unit: "m2", min: 0.01, max: 1000 }),
          row("dryingFactor", { suffix: "×", min: 0.1, max: 20 }),
        ]}
      />
      <p className="mt-1 text-xs opacity-80">{ui.days.ratesHint}</p>
    </details>
  );
}
