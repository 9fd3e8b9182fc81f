import { dryLay, type LayStep } from "../../../core/cut/dry-lay.ts";
import { blendOf, shareOut } from "../../../core/order/blend.ts";
import type { Plan } from "../../../core/plan.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Delivery, Project } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { NoteField } from "../../fields/NoteField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { ItemCard, Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

const place = { list: "delivery" as const };

interface DryLayProps {
  project: Project;
  plan: Plan;
  wall: WallPlan;
}

/** What to lay out on the floor course by course, and from which boxes to draw. */
export function DryLay({ project, plan, wall }: DryLayProps) {
  return (
    <Section title={ui.cut.dryLay.title} open={false}>
      <p className="text-xs opacity-80">{ui.cut.dryLay.hint}</p>
      <LayTable project={project} wall={wall} />
      <BlendFields project={project} plan={plan} wall={wall} />
    </Section>
  );
}

/** Rows shown at most: no floor takes more. */
const MOST_ROWS = 120;

function LayTable({ project, wall }: Omit<DryLayProps, "plan">) {
  const rows = dryLay(project, wall);
  const names = new Map(project.zones?.map(({ id, name, kind }) => [id, name ?? kind]));
  return (
    <table className="mt-1 w-full text-left" data-dry-lay={rows.length}>
      <thead className="text-[0.8125rem]">
        <tr className="border-b border-base-300">
          <th className="py-1 pr-2 font-medium">{ui.flagRows.course}</th>
          <th className="py-1 font-medium">{ui.cut.dryLay.fromLeft}</th>
        </tr>
      </thead>
      <tbody>
        {rows.slice(0, MOST_ROWS).map(({ course, zone, steps }) => (
          <tr key={`${zone}/${course}`} className="border-b border-base-300/60 align-top">
            <th scope="row" className="pr-2 font-semibold whitespace-nowrap">
              {zone ? `${names.get(zone)} ${course}` : course}
            </th>
            <td>{steps.map((step) => stepWords(wall, step)).join(" · ")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function stepWords({ id }: WallPlan, step: LayStep): string {
  return "cut" in step ? `${id} ${step.cut}` : ui.cut.dryLay.whole(step.whole);
}

function BlendFields({ project, plan, wall }: DryLayProps) {
  const { tile } = project.field;
  const wanted = plan.order.find(({ code }) => code === "fieldTile")?.quantity ?? 0;
  const blend = blendOf(jobOf(project), tile, wanted);
  const onWall = shareOut(
    wall.figures.tilesFull.value + wall.figures.tilesCut.value,
    blend.lots.map(({ tiles }) => tiles),
  );
  const add = () => dispatch(addItem(place, { id: crypto.randomUUID(), tile, lot: "", boxes: 1 }));
  return (
    <div className="mt-3" data-blend={blend.lots.length}>
      <h4 className="font-semibold">{ui.cut.dryLay.boxes}</h4>
      {blend.lots.map(({ lot, ofTen }, k) => (
        <LotCard key={lot.id} lot={lot} number={k + 1}>
          {blend.lots.length > 1 && (
            <p className="mb-2 text-sm">{ui.cut.dryLay.share(ofTen, onWall[k] ?? 0, wall.name)}</p>
          )}
        </LotCard>
      ))}
      <AddButton label={ui.cut.dryLay.add} onClick={add} />
      {blend.calibers.length > 0 && (
        <Verdict good={false}>{ui.cut.dryLay.calibers(blend.calibers.join(", "))}</Verdict>
      )}
      {blend.lots.length > 0 && (
        <Verdict good={blend.short === 0}>
          {blend.short > 0
            ? ui.cut.dryLay.short(blend.short, blend.tiles)
            : ui.cut.dryLay.enough(blend.tiles)}
        </Verdict>
      )}
    </div>
  );
}

interface LotCardProps {
  lot: Delivery;
  number: number;
  children: React.ReactNode;
}

function LotCard({ lot, number, children }: LotCardProps) {
  const { id } = lot;
  const edit = (patch: Partial<Delivery>) => dispatch(editItem(place, id, patch));
  const text = (key: "lot" | "caliber") => (
    <NoteField
      label={ui.cut.dryLay[key]}
      name={`delivery/${id}/${key}`}
      value={lot[key] ?? ""}
      onCommit={(value) => edit({ [key]: value })}
    />
  );
  return (
    <ItemCard
      title={ui.cut.dryLay.named(number, lot.lot)}
      onRemove={() => dispatch(removeItem(place, id))}
    >
      <Row>
        {text("lot")}
        {text("caliber")}
        <NumberField
          integer
          label={ui.cut.dryLay.count}
          name={`delivery/${id}/boxes`}
          value={lot.boxes}
          min={0}
          max={10_000}
          onCommit={(boxes) => edit({ boxes })}
        />
      </Row>
      {children}
    </ItemCard>
  );
}
