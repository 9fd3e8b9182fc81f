import { formatBare, formatLength } from "../../../core/length/format.ts";
import {
  editCentre,
  editCorner,
  editField,
  editSetOut,
  editSettings,
  editTile,
  editTrim,
  setDrop,
} from "../../../core/project/commands.ts";
import { fieldTile, setOutOf, setting } from "../../../core/project/defaults.ts";
import type { Project, Wall } from "../../../core/project/schema.ts";
import { clipsWanted } from "../../../core/set/clips.ts";
import {
  backButterThickness,
  bedThickness,
  TROWELS,
  type Trowel,
  trowelFor,
} from "../../../core/set/trowel.ts";
import { finerFor } from "../../../core/words/en.ts";
import { Choice } from "../../fields/Choice.tsx";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { TextInput } from "../../fields/TextInput.tsx";
import { PATTERNS, type PatternName, patternName } from "../../jobs/patterns.ts";
import { WarningList } from "../../shell/WarningList.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/en.ts";
import { Caution, Fact, type PanelProps, PanelTitle, Row, Section } from "../PanelParts.tsx";

/** Where the first tile goes: tile, pattern, centre, first course, corners, limits. */
export function SetOutPanel({ project, plan, wall, stored }: PanelProps) {
  return (
    <>
      <PanelTitle>{ui.setOut.title(wall.name)}</PanelTitle>
      <PatternFields project={project} />
      <CentreFields wall={stored} />
      <Section title={ui.setOut.firstCourse}>
        <Row>
          <LengthField
            label={ui.setOut.drop}
            name="drop"
            mm={project.setOut.firstCourse.drop}
            rules={{ zero: true }}
            onCommit={(mm) => dispatch(setDrop(mm % (wall.cell.height + wall.cell.joint)))}
          />
        </Row>
        <p className="mb-1 text-xs opacity-80">{ui.setOut.dropHint}</p>
        <dl>
          <Fact name={ui.setOut.firstCourseAt}>
            <Length mm={plan.first.y} />
          </Fact>
        </dl>
      </Section>
      <WarningList project={project} plan={plan} wall={wall.id} />
      <TileFields project={project} />
      <TrowelFields project={project} />
      <CornerFields project={project} wall={wall} stored={stored} plan={plan} />
      <LimitFields project={project} />
      <Caution>{ui.setOut.caution}</Caution>
    </>
  );
}

function PatternFields({ project }: { project: Project }) {
  const { field } = project;
  const name = patternName(field);
  const choose = (next: PatternName) => {
    if (next === "other") dispatch(editField({ pattern: "offset", offset: 0.25, run: "stepped" }));
    else dispatch(editField({ offset: undefined, run: undefined, ...PATTERNS[next] }));
  };
  return (
    <Section title={ui.setOut.pattern}>
      <Row>
        <Choice
          label={ui.setOut.pattern}
          hideLabel
          value={name}
          options={ui.patterns}
          onChange={choose}
        />
      </Row>
      {name === "other" && (
        <Row>
          <NumberField
            label={ui.setOut.offset}
            name="offset"
            value={field.offset ?? 0.5}
            min={0.01}
            max={0.99}
            onCommit={(offset) => dispatch(editField({ offset }))}
          />
        </Row>
      )}
      <Row>
        <Choice
          label={ui.setOut.lay}
          value={field.lay}
          options={ui.lay}
          onChange={(lay) => dispatch(editField({ lay }))}
        />
        <LengthField
          label={ui.setOut.joint}
          name="joint"
          mm={field.joint}
          rules={{ zero: true, atMost: 50 }}
          onCommit={(joint) => dispatch(editField({ joint }))}
        />
      </Row>
    </Section>
  );
}

function CentreFields({ wall }: { wall: Wall }) {
  const { mode, about = "wall", shift = 0 } = wall.centre;
  const abouts: [string, string][] = [
    ["wall", ui.setOut.aboutWall],
    ...(wall.leg ? [["base", ui.setOut.aboutBase] as [string, string]] : []),
    ...[...wall.openings, ...wall.fixtures].map(({ id, name, kind }): [string, string] => [
      id,
      name ?? kind,
    ]),
  ];
  return (
    <Section title={ui.setOut.centre}>
      <div className="join mb-2 flex">
        {(["tile", "joint", "free"] as const).map((candidate) => (
          <button
            key={candidate}
            type="button"
            aria-pressed={mode === candidate}
            className={`btn join-item btn-sm flex-1 px-0 text-[13px]! whitespace-nowrap ${mode === candidate ? "btn-primary" : ""}`}
            onClick={() =>
              dispatch(
                editCentre(wall.id, {
                  mode: candidate,
                  shift: candidate === "free" ? shift : undefined,
                }),
              )
            }
          >
            {ui.setOut.modes[candidate]}
          </button>
        ))}
      </div>
      <Row>
        {abouts.length > 1 && (
          <Choice
            label={ui.setOut.about}
            value={abouts.some(([id]) => id === about) ? about : "wall"}
            options={abouts}
            onChange={(next) => dispatch(editCentre(wall.id, { about: next }))}
          />
        )}
        {mode === "free" && (
          <LengthField
            label={ui.setOut.shift}
            name={`${wall.id}/shift`}
            mm={shift}
            rules={{ signed: true }}
            onCommit={(next) => dispatch(editCentre(wall.id, { shift: next }))}
          />
        )}
      </Row>
    </Section>
  );
}

function TileFields({ project }: { project: Project }) {
  const tile = fieldTile(project);
  const side = { above: 4.99, atMost: 5000 };
  return (
    <Section title={`${ui.setOut.tile}: ${tile.name}`} open>
      <Row>
        <TextInput
          label={ui.setOut.tileName}
          name="tile/name"
          shown={tile.name}
          numeric={false}
          read={(text) =>
            text.trim() === "" || text.length > 200
              ? { ok: false, problem: ui.jobs.nameMissing }
              : { ok: true, value: text.trim() }
          }
          onCommit={(name) => dispatch(editTile({ name }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.setOut.width}
          name="tile/width"
          mm={tile.width}
          rules={side}
          onCommit={(width) => dispatch(editTile({ width }))}
        />
        <LengthField
          label={ui.setOut.height}
          name="tile/height"
          mm={tile.height}
          rules={side}
          onCommit={(height) => dispatch(editTile({ height }))}
        />
      </Row>
      <Row>
        <LengthField
          label={ui.setOut.thickness}
          name="tile/thickness"
          mm={tile.thickness}
          rules={{ atMost: 100 }}
          onCommit={(thickness) => dispatch(editTile({ thickness }))}
        />
        <label className="flex min-h-9 flex-1 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="h-5 w-5 accent-primary"
            checked={tile.rectified ?? false}
            onChange={(event) => dispatch(editTile({ rectified: event.target.checked }))}
          />
          {ui.setOut.rectified}
        </label>
      </Row>
    </Section>
  );
}

function CornerFields({ project, wall, stored }: PanelProps) {
  const at = project.walls.findIndex(({ id }) => id === wall.id);
  const around = project.enclosure.kind === "four-walls";
  const next = project.walls[at + 1] ?? (around ? project.walls[0] : undefined);
  return (
    <Section title={ui.setOut.corners} open={false}>
      {next && next.id !== wall.id && <CornerChoice wall={wall} left={stored} right={next} />}
      {(["left", "right"] as const)
        .filter((side) => wall.ends[side].kind === "open")
        .map((side) => (
          <TrimFields key={side} wall={stored} side={side} />
        ))}
      <dl>
        <Fact name={`${ui.setOut.offsets} ${ui.setOut.offsetLeft}`}>
          <Length mm={wall.ends.left.offset} />
        </Fact>
        <Fact name={ui.setOut.offsetRight}>
          <Length mm={wall.ends.right.offset} />
        </Fact>
      </dl>
    </Section>
  );
}

interface CornerChoiceProps {
  wall: PanelProps["wall"];
  left: Wall;
  right: Wall;
}

function CornerChoice({ wall, left, right }: CornerChoiceProps) {
  const runs = wall.ends.right.kind === "runs" ? "left" : "right";
  return (
    <Row>
      <Choice
        label={`${left.name} – ${right.name}`}
        value={runs}
        options={{ left: ui.setOut.runs(left.name), right: ui.setOut.runs(right.name) }}
        onChange={(side) => dispatch(editCorner(left.id, right.id, side))}
      />
    </Row>
  );
}

function TrimFields({ wall, side }: { wall: Wall; side: "left" | "right" }) {
  const trim = wall.trim?.[side] ?? { kind: "none" as const, width: 0, joint: 0 };
  const edit = (patch: Partial<typeof trim>) =>
    dispatch(editTrim(wall.id, side, { ...trim, ...patch }));
  return (
    <>
      <Row>
        <Choice
          label={`${ui.setOut.trim}, ${ui.measure.corner[side]}`}
          value={trim.kind}
          options={ui.setOut.trimKinds}
          onChange={(kind) => edit({ kind })}
        />
      </Row>
      {trim.kind !== "none" && (
        <Row>
          <LengthField
            label={ui.setOut.trimWidth}
            name={`${wall.id}/trim/${side}/width`}
            mm={trim.width}
            rules={{ zero: true }}
            onCommit={(width) => edit({ width })}
          />
          <LengthField
            label={ui.setOut.trimJoint}
            name={`${wall.id}/trim/${side}/joint`}
            mm={trim.joint}
            rules={{ zero: true }}
            onCommit={(joint) => edit({ joint })}
          />
        </Row>
      )}
    </>
  );
}

const BY_TILE = "by-tile";

function trowelKey({ notch, width, depth }: Trowel): string {
  return `${notch}/${width}/${depth}`;
}

function TrowelFields({ project }: { project: Project }) {
  const style = useJobStyle();
  const trowels = new Map(TROWELS.map((trowel) => [trowelKey(trowel), trowel]));
  const name = ({ notch, width, depth }: Trowel) =>
    `${formatBare(width, finerFor(width, style))} × ${formatLength(depth, finerFor(depth, style))}, ${ui.setOut.notches[notch]}`;
  const own = project.settings?.trowel;
  const options: [string, string][] = [
    [
      BY_TILE,
      `${ui.setOut.byTile}: ${name(trowelFor({ ...project, settings: { ...project.settings, trowel: undefined } }))}`,
    ],
    ...[...trowels].map(([key, trowel]): [string, string] => [key, name(trowel)]),
  ];
  const choose = (key: string) => dispatch(editSettings({ trowel: trowels.get(key) }));
  return (
    <Section title={ui.setOut.trowel} open={false}>
      <Row>
        <Choice
          label={ui.setOut.notch}
          value={own ? trowelKey(own) : BY_TILE}
          options={options}
          onChange={choose}
        />
      </Row>
      <Row>
        <NumberField
          label={ui.setOut.angle}
          name="trowel-angle"
          value={setting(project, "trowelAngleDeg")}
          min={20}
          max={90}
          suffix="°"
          onCommit={(angle) => dispatch(editSettings({ trowelAngleDeg: angle }))}
        />
        <Choice
          label={ui.setOut.backButter}
          value={backButterThickness(project) > 0 ? "on" : "off"}
          options={{ on: ui.setOut.clipsOn, off: ui.setOut.clipsOff }}
          onChange={(on) => dispatch(editSettings({ backButter: on === "on" }))}
        />
      </Row>
      <dl>
        <Fact name={ui.setOut.bed}>
          <Length mm={bedThickness(project)} style={finerFor(1, style)} />
        </Fact>
      </dl>
    </Section>
  );
}

function LimitFields({ project }: { project: Project }) {
  const values = setOutOf(project);
  const gap = (name: "baseGap" | "topGap" | "cornerJoint") => (
    <LengthField
      label={ui.setOut[name]}
      name={name}
      mm={values[name]}
      rules={{ zero: true, atMost: 100 }}
      onCommit={(mm) => dispatch(editSetOut({ [name]: mm }))}
    />
  );
  return (
    <Section title={ui.setOut.limits} open={false}>
      <Row>
        <Choice
          label={ui.setOut.sliver}
          value={values.sliver}
          options={ui.setOut.slivers}
          onChange={(sliver) => dispatch(editSetOut({ sliver }))}
        />
      </Row>
      <p className="mb-2 text-xs opacity-80">{ui.setOut.sliverWhy}</p>
      <Row>
        {gap("baseGap")}
        {gap("topGap")}
        {gap("cornerJoint")}
      </Row>
      <Row>
        <Choice
          label={ui.setOut.clips}
          value={clipsWanted(project) ? "on" : "off"}
          options={{ on: ui.setOut.clipsOn, off: ui.setOut.clipsOff }}
          onChange={(on) => dispatch(editSettings({ clips: on === "on" }))}
        />
      </Row>
    </Section>
  );
}
