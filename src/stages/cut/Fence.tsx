import type { CutPiece } from "../../../core/cut/pieces.ts";
import type { FenceSetting } from "../../../core/cut/workable.ts";
import type { Plan } from "../../../core/plan.ts";
import { editSettings } from "../../../core/project/commands.ts";
import { jobOf, type Play, type PlaySide } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { donePieces } from "../../panel/cut-done.ts";
import { useWhole } from "../../panel/FirstOfPanel.tsx";
import { Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { useOneStop } from "../../parts/useOneStop.ts";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";

interface FenceProps {
  project: Project;
  plan: Plan;
}

/** The stop list of all walls: each setting of the fence with the cuts that it serves. */
export function Fence({ project, plan }: FenceProps) {
  const { settings, exact } = plan.fence;
  const whole = useWhole();
  const done = new Set(plan.walls.flatMap((wall) => donePieces(project, wall)));
  const all = plan.walls.flatMap(({ pieces }) => pieces).filter(({ kind }) => kind !== "none");
  const pieces = new Map(all.map((piece) => [piece.id, piece]));
  if (all.length === 0) return null;
  const { workable } = jobOf(project).settings;
  return (
    <Section title={`${ui.cut.fence.title} · ${ui.cut.progress(done.size, all.length)}`}>
      <p className="font-semibold" data-fence={settings.length} data-fence-exact={exact}>
        {workable ? ui.cut.fence.instead(settings.length, exact) : ui.cut.fence.each(exact)}
      </p>
      {workable && settings.length < exact && (
        <p className="text-xs opacity-80">{ui.cut.fence.proven}</p>
      )}
      <StopList settings={whole ? settings : seenStops(settings)} pieces={pieces} done={done} />
      <Tick
        label={ui.cut.fence.exactly}
        checked={!workable}
        onChange={(exactly) => dispatch(editSettings({ workable: !exactly }))}
      />
      {workable && whole && <PlayFields project={project} />}
    </Section>
  );
}

interface Pieces {
  pieces: Map<string, CutPiece>;
  done: Set<CutPiece>;
}

/** So many cuts fill what is seen of the list. */
const SEEN_CUTS = 24;

/** The first stops of the list, as many as are seen of it. */
function seenStops(settings: FenceSetting[]): FenceSetting[] {
  let cuts = 0;
  const last = settings.findIndex((setting) => {
    cuts += setting.cuts.length;
    return cuts >= SEEN_CUTS;
  });
  return last < 0 ? settings : settings.slice(0, last + 1);
}

function StopList({ settings, ...pieces }: Pieces & { settings: FenceSetting[] }) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot scroll its list
    <div
      role="group"
      aria-label={ui.cut.fence.list}
      {...useOneStop()}
      className="mt-1 max-h-72 overflow-auto"
    >
      {settings.map((setting) => (
        <Stop key={setting.set} setting={setting} {...pieces} />
      ))}
    </div>
  );
}

type StopProps = Pieces & { setting: FenceSetting };

/** One setting: its length, and the cuts that are pushed along the fence while it stands there. */
function Stop({ setting: { set, cuts }, pieces, done }: StopProps) {
  const chosen = useView((state) => state.piece);
  return (
    <div className="flex gap-2 border-b border-base-300/60 py-1" data-stop={set.toFixed(1)}>
      <strong className="w-16 shrink-0 pt-1 text-lg leading-tight">
        <Length mm={set} unit={false} />
      </strong>
      <span className="flex flex-wrap gap-1">
        {cuts.map(({ wall, piece: id }) => {
          const piece = pieces.get(id);
          if (!piece) return null;
          const isDone = done.has(piece);
          const name = `${wall}${piece.number}`;
          return (
            <button
              key={id}
              type="button"
              tabIndex={-1}
              aria-label={isDone ? `${name}, ${ui.inline(ui.cut.done)}` : name}
              aria-current={id === chosen}
              className={`btn btn-xs min-h-8 px-1.5 max-md:min-h-11 max-md:min-w-11 ${id === chosen ? "btn-primary" : isDone ? "btn-success" : ""}`}
              onClick={() => useView.setState({ wall, piece: id })}
            >
              {name}
              {isDone && " ✓"}
            </button>
          );
        })}
      </span>
    </div>
  );
}

const SIDES: PlaySide[] = ["base", "corner", "top"];

/** How wide the joints that hide a cut edge may be. */
function PlayFields({ project }: { project: Project }) {
  const { play } = jobOf(project);
  const field = (side: PlaySide, end: keyof Play) => (
    <LengthField
      label={ui.cut.fence.play[side][end]}
      name={`play/${side}/${end}`}
      mm={play[side][end]}
      rules={{ zero: true, atMost: 20 }}
      onCommit={(mm) =>
        dispatch(
          editSettings({
            play: { ...project.settings?.play, [side]: { ...play[side], [end]: mm } },
          }),
        )
      }
    />
  );
  return (
    <details className="mt-1">
      <summary className="cursor-pointer">{ui.cut.fence.playTitle}</summary>
      <p className="mb-2 text-xs opacity-80">{ui.cut.fence.playHint}</p>
      {SIDES.map((side) => (
        <Row key={side}>
          {field(side, "least")}
          {field(side, "most")}
        </Row>
      ))}
    </details>
  );
}
