import { finerFor } from "../../../core/length/finer.ts";
import { formatAmount, fromShown, toShown, typedAs } from "../../../core/length/quantity.ts";
import type { Plan } from "../../../core/plan.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { fieldTile, tileOf } from "../../../core/project/defaults.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { MORTAR_CLASSES, type MortarRule } from "../../../core/set/mortar-rule.ts";
import { rowM2 } from "../../../core/set/rows.ts";
import { spreadAheadM2 } from "../../../core/set/sessions.ts";
import type { Mortar } from "../../../core/set/set-plan.ts";
import { eachM2, rateM2 } from "../../../core/set/setting-time.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { Fact, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { openDialog } from "../../state/view-store.ts";
import { trowelName } from "../../words/trowel-name.ts";
import { ui } from "../../words/ui.ts";

interface MortarProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
}

/** Which mortar under which tile and why, with what trowel, how much; and what it hangs on the wall. */
export function MortarFields({ project, plan, wall }: MortarProps) {
  const style = useJobStyle();
  const { settings, build } = jobOf(project);
  const { mortarClass, mortarColour } = settings;
  return (
    <Section title={ui.set.mortar} open>
      {plan.set.mortars.map((mortar) => {
        const rule = plan.set.rules.find((own) => own.tile === mortar.tile);
        return rule && <MortarUse key={mortar.for} project={project} mortar={mortar} rule={rule} />;
      })}
      <Row>
        <Choice
          label={ui.set.onHand}
          value={mortarClass ?? "none"}
          options={[
            ["none", ui.set.notSaid],
            ...MORTAR_CLASSES.map((own): [string, string] => [own, own]),
          ]}
          onChange={(next) =>
            dispatch(editSettings({ mortarClass: MORTAR_CLASSES.find((own) => own === next) }))
          }
        />
        <Choice
          label={ui.set.colourOnHand}
          value={mortarColour ?? "none"}
          options={{ none: ui.set.notSaid, ...ui.set.colours }}
          onChange={(next) =>
            dispatch(editSettings({ mortarColour: next === "none" ? undefined : next }))
          }
        />
      </Row>
      <BagSays project={project} />
      <SpreadAhead project={project} plan={plan} wall={wall} />
      <p className="mt-2 text-sm" data-mass={plan.set.maxMassKgPerM2.toFixed(1)}>
        {ui.set.mass(massShown(plan.set.maxMassKgPerM2, style.unit), ui.set.carries[build.board])}
      </p>
    </Section>
  );
}

/** Pounds on a square foot of a kilogram on a square metre. */
const POUNDS_PER_SQUARE_FOOT = 0.204816;

function massShown(kgPerM2: number, unit: Project["unit"]): string {
  return unit === "mm"
    ? `${kgPerM2.toFixed(1)} kg/m²`
    : `${(kgPerM2 * POUNDS_PER_SQUARE_FOOT).toFixed(1)} lb/sq ft`;
}

interface MortarUseProps {
  project: Project;
  mortar: Mortar;
  rule: MortarRule;
}

function MortarUse({ project, mortar, rule }: MortarUseProps) {
  const style = useJobStyle();
  const { powderKg, areaM2, bedMm, trowel } = mortar;
  const ready = jobOf(project).build.adhesive === "mastic";
  return (
    <div className="mb-2 border-l-3 border-base-300 pl-2" data-mortar={mortar.for}>
      <p className="font-semibold">
        {nameOfUse(project, mortar)}: {ready ? ui.set.readyMixed : mortarName(rule)}
      </p>
      {ready && <p className="text-sm opacity-90">{ui.set.readyWhy}</p>}
      {(ready ? [] : rule.reasons).map((reason) => (
        <p key={reason} className="text-sm opacity-90">
          {ui.set.reasons[reason]}
        </p>
      ))}
      <dl>
        <Fact name={trowelName(trowel, style)}>
          {ui.set.bed} <Length mm={bedMm} style={finerFor(1, style)} />
        </Fact>
        <Fact name={formatAmount(areaM2, "m2", style)}>
          <button
            type="button"
            className="figure-button font-semibold"
            onClick={() => openDialog({ kind: "figure", code: "mortarKg" })}
          >
            {formatAmount(powderKg, "kg", style)}
          </button>
        </Fact>
      </dl>
    </div>
  );
}

function mortarName({ classes, largeFormat, white }: MortarRule): string {
  return [
    ui.set.classes(classes),
    ...(largeFormat ? [ui.set.largeFormat] : []),
    white ? ui.set.white : ui.set.grey,
  ].join(", ");
}

function nameOfUse(project: Project, { for: use }: Mortar): string {
  if (use === "field") return ui.set.field;
  const zone = project.zones?.find(({ id }) => id === use);
  if (zone) return zone.name ?? zone.id;
  const opening = project.walls
    .flatMap(({ openings }) => openings)
    .find(({ id }) => use === `niche:${id}`);
  return ui.set.back(opening?.name ?? ui.set.niche);
}

/** What the bag itself says of this trowel. */
function BagSays({ project }: { project: Project }) {
  const typed = typedAs("m2", useJobStyle());
  const said = project.settings?.areaPerBag;
  return (
    <>
      <Row>
        <NumberField
          label={ui.set.perBag}
          name="setting/areaPerBag"
          value={said === undefined ? 0 : Math.round(toShown(said, typed) * 100) / 100}
          max={Math.floor(toShown(1000, typed))}
          suffix={typed.unit}
          onCommit={(shown) =>
            dispatch(editSettings({ areaPerBag: shown > 0 ? fromShown(shown, typed) : undefined }))
          }
        />
        {said !== undefined && (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={() => dispatch(editSettings({ areaPerBag: undefined }))}
          >
            {ui.set.clear}
          </button>
        )}
      </Row>
      <p className="text-xs opacity-80">{ui.set.perBagHint}</p>
    </>
  );
}

/** How much mortar to spread before the first of it skins: in area, and in courses or sheets. */
function SpreadAhead({ project, plan, wall }: MortarProps) {
  const style = useJobStyle();
  const job = jobOf(project);
  const tile = fieldTile(job);
  const each = eachM2(wall.cell, tileOf(job, tile.id));
  const ahead = spreadAheadM2(job, rateM2(job, tile, each));
  const courses = plan.set.rows.filter((row) => row.wall === wall.id && !row.opening && !row.zone);
  const course = Math.max(0, ...courses.map(rowM2));
  if (course === 0) return null;
  const told = tile.sheet
    ? ui.set.sheets((ahead / each).toFixed(1))
    : ui.set.course((ahead / course).toFixed(1));
  return (
    <div className="mt-2" data-spread={ahead.toFixed(3)}>
      <dl>
        <Fact name={ui.set.spreadAhead}>
          {formatAmount(ahead, "m2", style)}, {ui.set.about(told)}
        </Fact>
      </dl>
      <p className="text-xs opacity-80">{ui.set.spreadHint(job.settings.openTimeMin)}</p>
    </div>
  );
}
