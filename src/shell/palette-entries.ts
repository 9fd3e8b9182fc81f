import { formatLength } from "../../core/length/format.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import type { Plan } from "../../core/plan.ts";
import type { Command } from "../../core/project/command.ts";
import { addFixture, addOpening } from "../../core/project/commands.ts";
import type { Project, Wall } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { told } from "../../core/words/told.ts";
import { newFixture, newOpening } from "../stages/measure/new-opening.ts";
import { focusField } from "../state/focus.ts";
import { dispatch } from "../state/job-store.ts";
import { openJobId } from "../state/location.ts";
import { openDialog, openTicket, selectWall, show, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { actions } from "./actions.ts";

/** Something that the palette finds, and what choosing it does. */
export interface Entry {
  id: string;
  group: keyof typeof ui.palette.groups;
  name: string;
  /** Its size, amount or key. */
  hint?: string;
  run: () => void;
}

/** What the palette looks through. */
export interface Searched {
  project: Project;
  plan: Plan;
  style: LengthStyle;
  jobs: { id: string; name: string }[];
}

/** Everything that the palette finds: commands first, then what is on the walls, then other jobs. */
export function allEntries(searched: Searched): Entry[] {
  const { project, plan, style, jobs } = searched;
  return [
    ...commandEntries(),
    ...addEntries(project.walls.find(({ id }) => id === useView.getState().wall)),
    ...plan.walls.map(wallEntry),
    ...project.walls.flatMap(openingEntries),
    ...plan.walls.flatMap((wall) => cutEntries(wall, style)),
    ...project.walls.flatMap((wall) => readingEntries(wall, style)),
    ...plan.walls.flatMap((wall) => figureEntries(wall, style)),
    ...jobs
      .filter(({ id }) => id !== project.id)
      .map(
        ({ id, name }): Entry => ({
          id: `job-${id}`,
          group: "jobs",
          name,
          run: () => openJobId(id),
        }),
      ),
  ];
}

/** The entries that hold every word of a text, those that begin with it first. */
export function findEntries(entries: Entry[], text: string): Entry[] {
  const sought = fold(text).split(/\s+/).filter(Boolean);
  if (sought.length === 0) return entries.filter(({ group }) => group === "commands");
  const [first = ""] = sought;
  return entries
    .map((entry) => ({ entry, name: fold(`${ui.palette.groups[entry.group]} ${entry.name}`) }))
    .filter(({ name }) => sought.every((word) => name.includes(word)))
    .sort((p, q) => rank(p.entry, first) - rank(q.entry, first))
    .map(({ entry }) => entry);
}

function rank({ name }: Entry, first: string): number {
  const folded = fold(name);
  if (folded === first) return 0;
  return folded.startsWith(first) ? 1 : 2;
}

/** Without case and accents. */
function fold(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}

function commandEntries(): Entry[] {
  const names = new Set<string>();
  return actions().flatMap(({ name, keys, ctrl, shift, run }): Entry[] => {
    // Redo has two keys.
    if (names.has(name)) return [];
    names.add(name);
    const held = [ctrl && ui.control, shift && ui.shift].filter(Boolean);
    const hint = keys?.[0] && [...held, keys[0]].join(" + ");
    return [{ id: `command-${name}`, group: "commands", name, run, ...(hint ? { hint } : {}) }];
  });
}

/** Adds an opening or a fixture to the chosen wall, and goes on in its first field. */
function addEntries(wall: Wall | undefined): Entry[] {
  if (!wall) return [];
  const entry = (name: string, field: string, add: () => { id: string; command: Command }) => ({
    id: `add-${name}`,
    group: "commands" as const,
    name: ui.palette.add(name),
    hint: wall.name,
    run: () => {
      const { id, command } = add();
      dispatch(command);
      goToField(wall.id, `${wall.id}/${id}/${field}`)();
    },
  });
  const opening = (kind: "niche" | "window") => () => {
    const added = newOpening(wall, kind);
    return { id: added.id, command: addOpening(wall.id, added) };
  };
  return [
    entry(ui.measure.addNiche, "width", opening("niche")),
    entry(ui.measure.addWindow, "width", opening("window")),
    entry(ui.measure.addFixture, "pipe", () => {
      const added = newFixture(wall);
      return { id: added.id, command: addFixture(wall.id, added) };
    }),
  ];
}

function wallEntry({ id, name }: WallPlan): Entry {
  return { id: `wall-${id}`, group: "walls", name, run: () => selectWall(id) };
}

function cutEntries(wall: WallPlan, style: LengthStyle): Entry[] {
  return wall.pieces
    .filter(({ kind }) => kind !== "none")
    .map(({ id, number, kind, width, height }) => ({
      id: `cut-${wall.id}-${id}`,
      group: "cuts",
      name: `${wall.id}${number}`,
      hint: `${ui.cut.kinds[kind]}, ${formatLength(width, style)} × ${formatLength(height, style)}`,
      run: () => {
        show("cut");
        selectWall(wall.id);
        openTicket(wall.id, id);
      },
    }));
}

/** Goes to a field of a wall's readings. */
function goToField(wall: string, name: string): () => void {
  return () => {
    show("measure");
    selectWall(wall);
    useView.setState({ sheet: "panel" });
    focusField(name);
  };
}

function openingEntries({ id, name, openings, fixtures }: Wall): Entry[] {
  const kinds = ui.measure;
  return [
    ...openings.map((opening) => ({
      of: opening.id,
      called: opening.name ?? kinds.kinds[opening.kind],
    })),
    ...fixtures.map((fixture) => ({
      of: fixture.id,
      called: fixture.name ?? kinds.fixtureKinds[fixture.kind],
    })),
  ].map(({ of, called }) => ({
    id: `opening-${id}-${of}`,
    group: "openings",
    name: called,
    hint: name,
    run: goToField(id, `${id}/${of}/x`),
  }));
}

function readingEntries(wall: Wall, style: LengthStyle): Entry[] {
  const { id, name, width, base, top, lean } = wall;
  const reading = (what: string, field: string, mm: number | undefined): Entry => ({
    id: `reading-${id}-${field}`,
    group: "readings",
    name: `${name}: ${ui.inline(what)}`,
    hint: mm === undefined ? ui.measure.notRead : formatLength(mm, style),
    run: goToField(id, `${id}/${field}`),
  });
  return [
    reading(ui.measure.widthBottom, "width/bottom", width.bottom),
    reading(ui.measure.widthTop, "width/top", width.top),
    ...base.map(({ down }, k) => reading(`${ui.measure.base} ${k + 1}`, `base/${k}/mm`, down)),
    ...top.map(({ up }, k) => reading(`${ui.measure.top} ${k + 1}`, `top/${k}/mm`, up)),
    ...(["left", "right"] as const).map((side) =>
      reading(
        `${ui.measure.lean}, ${side === "left" ? ui.measure.leanLeft : ui.measure.leanRight}`,
        `lean/${side}/offset`,
        lean?.[side]?.offset,
      ),
    ),
  ];
}

function figureEntries({ id, name, figures }: WallPlan, style: LengthStyle): Entry[] {
  return Object.values(figures).map(({ code, value, unit }) => ({
    id: `figure-${id}-${code}`,
    group: "figures",
    name: `${name}: ${ui.inline(told.figures[code].name)}`,
    hint: formatAmount(value, unit, style),
    run: () => openDialog({ kind: "figure", code, wall: id }),
  }));
}
