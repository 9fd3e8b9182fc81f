import { type DropTile, sawnPieces, tilesByArea } from "../../../core/cut/drops/drops.ts";
import { boxOf } from "../../../core/geometry/polygon.ts";
import type { Plan } from "../../../core/plan.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { fieldTile } from "../../../core/project/defaults.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { editTile } from "../../../core/project/tile-commands.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { Fact, Row, Section, Tick, Verdict } from "../../panel/PanelParts.tsx";
import { ringPath } from "../../paths/paths.ts";
import { dispatch } from "../../state/job-store.ts";
import { openDialog } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";

interface DropsProps {
  project: Project;
  plan: Plan;
}

/** How many tiles the cuts take when drops are used, whether fewer are possible, and what saves. */
export function Drops({ project, plan }: DropsProps) {
  const { tiles, withoutDrops, bound } = plan.drops;
  const tile = fieldTile(project);
  if (withoutDrops === 0) return null;
  return (
    <Section title={ui.cut.drops.title}>
      <DropFacts project={project} plan={plan} />
      <Verdict good={bound >= tiles.length}>
        {bound >= tiles.length ? ui.cut.drops.proven : ui.cut.drops.bound(bound)}
      </Verdict>
      <button
        type="button"
        className="btn mt-2 w-full"
        onClick={() => openDialog({ kind: "drops" })}
      >
        {ui.cut.drops.show}
      </button>
      <Row>
        <LengthField
          label={ui.cut.drops.kerf}
          name="kerf"
          mm={jobOf(project).settings.kerf}
          rules={{ zero: true, atMost: 50 }}
          onCommit={(kerf) => dispatch(editSettings({ kerf }))}
        />
      </Row>
      <Tick
        label={ui.cut.drops.directional}
        checked={tile.directional ?? false}
        onChange={(directional) => dispatch(editTile({ directional }))}
      />
      <p className="text-xs opacity-80">{ui.cut.drops.hint}</p>
    </Section>
  );
}

/** Tiles that the cuts take, with drops, without, and by area. */
function DropFacts({ project, plan }: DropsProps) {
  const { tiles, withoutDrops } = plan.drops;
  const bought = plan.order.find(({ code }) => code === "fieldTile");
  return (
    <dl data-drops={tiles.length} data-without={withoutDrops}>
      <Fact name={ui.cut.drops.tiles}>{tiles.length}</Fact>
      <Fact name={ui.cut.drops.without}>{withoutDrops}</Fact>
      <Fact name={ui.cut.drops.buy}>
        <button
          type="button"
          className="figure-button font-semibold"
          onClick={() => openDialog({ kind: "order-figure", item: "fieldTile" })}
        >
          {ui.cut.drops.boxes(bought?.quantity ?? 0, bought?.packs ?? 0)}
        </button>
      </Fact>
      <Fact name={ui.cut.drops.byArea}>
        {tilesByArea(plan.totals.fieldAreaM2, fieldTile(project), project.field.joint)}
      </Fact>
    </dl>
  );
}

/** Every tile that is cut up, with its pieces where they lie in it. */
export function DropTiles({ plan }: { plan: Plan }) {
  const shared = plan.drops.tiles.filter(({ pieces }) => pieces.length > 1);
  const alone = plan.drops.tiles.length - shared.length;
  return (
    <>
      <p className="text-sm">{ui.cut.drops.legend}</p>
      <ol className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-3">
        {shared.map((tile, k) => (
          <li key={tile.pieces.join()} data-drop-tile={k + 1}>
            <TileSketch plan={plan} tile={tile} />
          </li>
        ))}
      </ol>
      {alone > 0 && <p className="mt-3 text-sm">{ui.cut.drops.alone(alone)}</p>}
    </>
  );
}

function TileSketch({ plan, tile }: { plan: Plan; tile: DropTile }) {
  const { width, height } = tile.stock;
  const sawn = sawnPieces(plan.walls, tile);
  const names = sawn.map(({ wall, piece }) => `${wall.id} ${piece.number}`);
  const text = Math.min(height * 0.16, width * 0.1);
  return (
    <>
      <svg
        viewBox={`-4 ${-height - 4} ${width + 8} ${height + 8}`}
        className="w-full"
        role="img"
        aria-label={ui.cut.drops.from(names.join(", "))}
      >
        <rect
          y={-height}
          width={width}
          height={height}
          fill="url(#offcut-hatch)"
          stroke="var(--color-base-content)"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        {sawn.map(({ piece, ring, turned }, k) => {
          const { minX, minY, maxX, maxY } = boxOf(ring);
          return (
            <g key={piece.id}>
              <path
                d={ringPath(ring)}
                fill="var(--tile-cut)"
                stroke="var(--color-base-content)"
                strokeWidth={1.5}
                vectorEffect="non-scaling-stroke"
              />
              <text
                x={(minX + maxX) / 2}
                y={-(minY + maxY) / 2 + text * 0.35}
                fontSize={Math.min(text, (maxX - minX) * 0.42)}
                fontWeight={650}
                textAnchor="middle"
                fill="var(--color-base-content)"
              >
                {maxX - minX > text * 3.2 ? names[k] : piece.number}
                {turned ? " ↻" : ""}
              </text>
              <title>{names[k]}</title>
            </g>
          );
        })}
      </svg>
      <p className="text-center text-sm">{names.join(" + ")}</p>
    </>
  );
}
