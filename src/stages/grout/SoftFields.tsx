import { formatAmount } from "../../../core/length/quantity.ts";
import type { OrderItem } from "../../../core/order/row.ts";
import type { Plan } from "../../../core/plan.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Fact, FigureFacts, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { SettingRows } from "../../panel/SettingField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { openDialog } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";

interface SoftProps {
  project: Project;
  plan: Plan;
}

/** Plane changes by school, and every soft joint of the wall with what fills it. */
export function PlaneChanges({ project, plan, wall }: SoftProps & { wall: WallPlan }) {
  const style = useJobStyle();
  const { settings } = jobOf(project);
  const own = plan.grout.softJoints.filter((joint) => joint.wall === wall.id);
  const packs = (item: OrderItem) => plan.order.find(({ code }) => code === item)?.packs ?? 0;
  return (
    <Section title={ui.grout.changes}>
      <Choice
        label={ui.grout.school}
        value={settings.planeChange}
        options={ui.grout.schools}
        onChange={(planeChange) => dispatch(editSettings({ planeChange }))}
      />
      <p className="text-xs opacity-80">{ui.grout.schoolWhy}</p>
      <BeadTicks project={project} />
      <dl className="mt-1">
        {own.map(({ kind, of, lengthM, grouted }) => (
          <Fact key={`${kind}-${of}`} name={`${ui.grout.softKinds[kind]}${of ? ` ${of}` : ""}`}>
            <span data-soft-joint={kind}>{formatAmount(lengthM, "m", style)}</span>
            <span className="block text-xs font-normal">
              {grouted ? ui.grout.grouted : ui.grout.sealed}
            </span>
          </Fact>
        ))}
      </dl>
      <FigureFacts
        wall={wall.id}
        figures={wall.figures}
        codes={["sealantM", "hiddenBeadM", "maskM"]}
      />
      <p className="mt-1 text-sm" data-tubes={packs("sealant")}>
        {ui.grout.tubes(packs("sealant"), packs("hiddenBead"))}
      </p>
      <p className="mt-1 text-xs opacity-80">
        {ui.grout.hidden} {ui.grout.same}
      </p>
    </Section>
  );
}

/** Where there is a bead beside those of the plane changes. */
function BeadTicks({ project }: { project: Project }) {
  const { nicheInsideCorners, beadAtEnds } = jobOf(project).settings;
  return (
    <fieldset className="mt-1">
      <legend className="text-sm">{ui.grout.beadIn}</legend>
      <Tick
        label={ui.grout.beadNiches}
        checked={nicheInsideCorners}
        onChange={(on) => dispatch(editSettings({ nicheInsideCorners: on }))}
      />
      <Tick
        label={ui.grout.beadEnds}
        checked={beadAtEnds}
        onChange={(on) => dispatch(editSettings({ beadAtEnds: on }))}
      />
    </fieldset>
  );
}

/** What is sealed, how often, and with how much. */
export function SealerFields({ project, plan }: SoftProps) {
  const style = useJobStyle();
  const { value, unit } = plan.grout.sealer;
  return (
    <Section title={ui.grout.sealer} open={false}>
      <Row>
        <Choice
          label={ui.grout.sealerWhat}
          value={jobOf(project).settings.sealer ?? "usual"}
          options={ui.grout.sealers}
          onChange={(next) =>
            dispatch(editSettings({ sealer: next === "usual" ? undefined : next }))
          }
        />
      </Row>
      <SettingRows
        project={project}
        rows={[
          { name: "sealerCoats", label: ui.grout.coats, integer: true, min: 1, max: 10 },
          { name: "sealerRate", label: ui.grout.rate, unit: "m2/L", min: 0.01, max: 1000 },
        ]}
      />
      <Choice
        label={ui.grout.sealerOrder}
        value={jobOf(project).settings.sealerFirst ? "sealer" : "sealant"}
        options={ui.grout.sealerOrders}
        onChange={(first) => dispatch(editSettings({ sealerFirst: first === "sealer" }))}
      />
      {value > 0 && (
        <dl>
          <Fact name={ui.grout.sealerAmount}>
            <button
              type="button"
              className="figure-button font-semibold"
              data-sealer={value.toFixed(3)}
              onClick={() => openDialog({ kind: "order-figure", item: "sealer" })}
            >
              {formatAmount(value, unit, style)}
            </button>
          </Fact>
        </dl>
      )}
      <p className="text-xs opacity-80">{ui.grout.sealerHint}</p>
    </Section>
  );
}
