import type { StockCheck, TileUse } from "../../core/order/stock.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project, Stock } from "../../core/project/schema.ts";
import { editStock } from "../../core/project/tile-commands.ts";
import { Choice } from "../fields/Choice.tsx";
import { Length } from "../fields/Length.tsx";
import { NumberField } from "../fields/NumberField.tsx";
import { AddButton } from "../panel/AddButton.tsx";
import { Fact, ItemCard, Row, Tick, Verdict } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";

/** Tile that is on hand against all that needs it: how far it reaches, and whether more can be had. */
export function OnHand({ project, plan }: { project: Project; plan: Plan }) {
  const ordered = new Set(plan.order.map(({ of }) => of));
  const counted = new Set(project.stock?.map(({ tile }) => tile));
  const others = project.tiles.filter(({ id }) => ordered.has(id) && !counted.has(id));
  return (
    <section className="mt-6 max-w-xl" aria-label={ui.order.stock.title}>
      <h2 className="mb-1 text-lg font-semibold">{ui.order.stock.title}</h2>
      <p className="mb-2 text-sm">{ui.order.stock.hint}</p>
      {project.stock?.map((stock) => (
        <StockCard
          key={stock.tile}
          project={project}
          stock={stock}
          check={plan.stock.find(({ tile }) => tile === stock.tile)}
        />
      ))}
      {others.map(({ id, name, sheet }) => (
        <AddButton
          key={id}
          label={ui.order.stock.count(name)}
          onClick={() => dispatch(editStock(id, sheet ? { sheets: 0 } : { pieces: 0 }))}
        />
      ))}
    </section>
  );
}

const UNITS = ["pieces", "sheets", "boxes"] as const;

interface StockCardProps {
  project: Project;
  stock: Stock;
  check: StockCheck | undefined;
}

function StockCard({ project, stock, check }: StockCardProps) {
  const tile = project.tiles.find(({ id }) => id === stock.tile);
  const unit = UNITS.find((name) => stock[name] !== undefined) ?? "pieces";
  const set = (patch: Partial<Stock>) => dispatch(editStock(stock.tile, patch));
  const units = UNITS.filter((name) => name !== "sheets" || tile?.sheet);
  const none = { pieces: undefined, sheets: undefined, boxes: undefined };
  return (
    <ItemCard title={tile?.name ?? stock.tile} onRemove={() => set(none)}>
      <Row>
        <NumberField
          integer
          label={ui.order.stock.onHand}
          name={`stock/${stock.tile}`}
          value={stock[unit] ?? 0}
          max={100_000}
          onCommit={(count) => set({ [unit]: count })}
        />
        <Choice
          label={ui.order.stock.countedIn}
          value={unit}
          options={units.map((name): [typeof name, string] => [name, ui.order.stock.units[name]])}
          onChange={(next) => set({ ...none, [next]: stock[unit] ?? 0 })}
        />
      </Row>
      <AgainFields stock={stock} keep={check?.keep ?? 0} set={set} />
      {check && <StockFacts project={project} check={check} sheets={tile?.sheet !== undefined} />}
    </ItemCard>
  );
}

interface AgainProps {
  stock: Stock;
  /** How much to keep where nobody has said; 0 for nothing to say. */
  keep: number;
  set: (patch: Partial<Stock>) => void;
}

/** Whether and when more of a tile can be had, and what is kept of one that cannot. */
function AgainFields({ stock, keep, set }: AgainProps) {
  return (
    <>
      <Tick
        label={ui.order.stock.never}
        checked={stock.again === false}
        onChange={(never) =>
          set(never ? { again: false, leadDays: undefined } : { again: true, spare: undefined })
        }
      />
      {stock.again === false ? (
        <Row>
          <NumberField
            integer
            label={ui.order.stock.spare}
            name={`stock/${stock.tile}/spare`}
            value={stock.spare ?? 0}
            max={100_000}
            onCommit={(spare) => set({ spare })}
          />
          {keep > 0 && (
            <AddButton label={ui.order.stock.keep(keep)} onClick={() => set({ spare: keep })} />
          )}
        </Row>
      ) : (
        <Row>
          <NumberField
            integer
            label={ui.order.stock.leadDays}
            name={`stock/${stock.tile}/lead`}
            value={stock.leadDays ?? 0}
            max={3650}
            onCommit={(leadDays) => set({ leadDays })}
          />
        </Row>
      )}
    </>
  );
}

interface StockFactsProps {
  project: Project;
  check: StockCheck;
  sheets: boolean;
}

function StockFacts({ project, check, sheets }: StockFactsProps) {
  const { need, short, uses, widest } = check;
  const nameOf = (opening: string) =>
    project.walls.flatMap((wall) => wall.openings).find(({ id }) => id === opening)?.name ??
    opening;
  return (
    <div data-stock={check.tile} data-short={short}>
      <Verdict good={short === 0}>
        {short === 0
          ? ui.order.stock.enough(need, sheets)
          : ui.order.stock.short(need, short, sheets)}
      </Verdict>
      <dl>
        {uses.map((use) => (
          <Fact key={`${use.use}/${use.item}`} name={nameOfUse(use)}>
            {use.tiles} {reachSaid(use)}
          </Fact>
        ))}
        {widest.map(({ opening, width, by }) => (
          <Fact key={opening} name={ui.order.stock.widest(nameOf(opening))}>
            <Length mm={width} /> {ui.order.stock.by[by]}
          </Fact>
        ))}
      </dl>
    </div>
  );
}

function nameOfUse({ use, name }: TileUse): string {
  return ui.order.stock.uses[use](name ?? "");
}

/** A whole use is ticked, a part of one told in percent. */
function reachSaid({ reach }: TileUse): string {
  return reach >= 1 ? "✓" : ui.order.stock.reaches(Math.floor(reach * 100));
}
