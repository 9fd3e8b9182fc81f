import type { Command, CommandName } from "./command.ts";
import type { SettingName } from "./defaults.ts";
import { cornersFor, nextWall, wallsFor } from "./new-project.ts";
import type { Corner, Fixture, Opening, Project, Trim, Wall } from "./schema.ts";

export type Patch<T> = { [K in keyof T]?: T[K] | undefined };

/** Writes the given fields; `undefined` takes an optional field away. */
export function assign<T extends object>(target: T, patch: Patch<T>): void {
  for (const key of Object.keys(patch) as (keyof T)[]) {
    const value = patch[key];
    if (value === undefined) delete target[key];
    else target[key] = value as T[keyof T];
  }
}

/** Changes a wall of the job by its id; nothing where there is none. */
export function onWall(draft: Project, wallId: string, change: (wall: Wall) => void): void {
  const wall = draft.walls.find(({ id }) => id === wallId);
  // Another tab may have taken the wall away: then there is nothing left to change.
  if (wall) change(wall);
}

export function renameJob(name: string): Command {
  return { name: "rename-job", change: (draft) => assign(draft, { name }) };
}

export function setUnit(unit: Project["unit"], mark?: Project["mark"]): Command {
  return {
    name: "set-unit",
    change: (draft) => assign(draft, mark === undefined ? { unit } : { unit, mark }),
  };
}

export function editEnclosure(patch: Patch<Project["enclosure"]>): Command {
  return { name: "edit-enclosure", change: (draft) => assign(draft.enclosure, patch) };
}

/** Another kind of enclosure: walls are added or taken away at the right. */
export function changeEnclosure(kind: Project["enclosure"]["kind"]): Command {
  return {
    name: "edit-enclosure",
    change: (draft) => {
      draft.enclosure.kind = kind;
      draft.walls = wallsFor(kind, draft.walls);
      const ids = new Set(draft.walls.map(({ id }) => id));
      const kept = (draft.corners ?? []).filter((c) => ids.has(c.left) && ids.has(c.right));
      const known = (c: { left: string; right: string }) =>
        kept.some(({ left, right }) => left === c.left && right === c.right);
      const added = cornersFor(kind, draft.walls).filter((c) => !known(c));
      if (draft.corners || added.length > 0) draft.corners = [...kept, ...added];
    },
  };
}

/** One more wall at the right: a return, a knee wall, the side of a window seat. */
export function addWall(): Command {
  return {
    name: "edit-enclosure",
    change: (draft) => void draft.walls.push(nextWall(draft.walls)),
  };
}

/** Takes the last wall away with everything that was read on it; the only wall stays. */
export function removeLastWall(): Command {
  return {
    name: "edit-enclosure",
    change: (draft) => {
      if (draft.walls.length < 2) return;
      const [gone] = draft.walls.splice(-1);
      const others = draft.corners?.filter((c) => c.left !== gone?.id && c.right !== gone?.id);
      if (others) draft.corners = others;
    },
  };
}

export function editWall(wallId: string, patch: Patch<Wall>): Command {
  return { name: "edit-wall", change: (draft) => onWall(draft, wallId, (w) => assign(w, patch)) };
}

export function editWidth(wallId: string, patch: Patch<Wall["width"]>): Command {
  return {
    name: "edit-reading",
    change: (draft) => onWall(draft, wallId, (wall) => assign(wall.width, patch)),
  };
}

type Lean = NonNullable<NonNullable<Wall["lean"]>["left"]>;

export function editLean(wallId: string, side: "left" | "right", lean: Lean | undefined): Command {
  return {
    name: "edit-reading",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        wall.lean ??= {};
        assign(wall.lean, { [side]: lean });
      }),
  };
}

export function editTrim(
  wallId: string,
  side: "left" | "right" | "top" | "bottom",
  trim: Trim | undefined,
): Command {
  return {
    name: "edit-wall",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        wall.trim ??= {};
        assign(wall.trim, { [side]: trim });
      }),
  };
}

export function setBaseReadings(wallId: string, base: Wall["base"]): Command {
  return {
    name: "edit-reading",
    change: (draft) => onWall(draft, wallId, (wall) => assign(wall, { base })),
  };
}

export function setTopReadings(wallId: string, top: Wall["top"], height?: number): Command {
  return {
    name: "edit-reading",
    // The last reading may go only when a height is left to plan with.
    change: (draft) =>
      onWall(draft, wallId, (wall) =>
        assign(wall, height === undefined ? { top } : { top, height }),
      ),
  };
}

export function addOpening(wallId: string, opening: Opening): Command {
  return {
    name: "add-opening",
    change: (draft) => onWall(draft, wallId, (wall) => void wall.openings.push(opening)),
  };
}

export function editOpening(wallId: string, id: string, patch: Patch<Opening>): Command {
  return {
    name: "edit-opening",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        const opening = wall.openings.find((candidate) => candidate.id === id);
        if (opening) assign(opening, patch);
      }),
  };
}

export function removeOpening(wallId: string, id: string): Command {
  return {
    name: "remove-opening",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        wall.openings = wall.openings.filter((opening) => opening.id !== id);
      }),
  };
}

export function addFixture(wallId: string, fixture: Fixture): Command {
  return {
    name: "add-fixture",
    change: (draft) => onWall(draft, wallId, (wall) => void wall.fixtures.push(fixture)),
  };
}

export function editFixture(wallId: string, id: string, patch: Patch<Fixture>): Command {
  return {
    name: "edit-fixture",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        const fixture = wall.fixtures.find((candidate) => candidate.id === id);
        if (fixture) assign(fixture, patch);
      }),
  };
}

export function removeFixture(wallId: string, id: string): Command {
  return {
    name: "remove-fixture",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        wall.fixtures = wall.fixtures.filter((fixture) => fixture.id !== id);
      }),
  };
}

export function editField(patch: Patch<Project["field"]>): Command {
  return { name: "edit-field", change: (draft) => assign(draft.field, patch) };
}

export function editSetOut(patch: Patch<Project["setOut"]>): Command {
  return { name: "edit-set-out", change: (draft) => assign(draft.setOut, patch) };
}

/** Course 2 first, on a ledger, with the first course cut in last; or from the base up. */
export function setLedger(ledger: boolean): Command {
  return {
    name: "edit-set-out",
    change: (draft) => assign(draft.setOut.firstCourse, { ledger: ledger || undefined }),
  };
}

/** Which course stands on the ledger. */
export function setLedgerCourse(ledgerCourse: number): Command {
  return {
    name: "edit-set-out",
    change: (draft) => assign(draft.setOut.firstCourse, { ledgerCourse }),
  };
}

export function setDrop(drop: number): Command {
  return {
    name: "edit-set-out",
    change: (draft) => {
      draft.setOut.firstCourse.drop = drop;
    },
  };
}

/** Changes what is known of the corner of two walls: which of them runs, its kind, its squareness. */
export function editCorner(left: string, right: string, patch: Patch<Corner>): Command {
  return {
    name: "edit-corner",
    change: (draft) => {
      draft.corners ??= [];
      let corner = draft.corners.find((c) => c.left === left && c.right === right);
      if (!corner) {
        corner = { left, right };
        draft.corners.push(corner);
        // The draft's own copy is what has to be changed.
        corner = draft.corners[draft.corners.length - 1] as Corner;
      }
      assign(corner, patch);
    },
  };
}

export function editSetting(
  name: SettingName,
  value: number | boolean | string | undefined,
): Command {
  return {
    name: "edit-setting",
    change: (draft) => {
      draft.settings ??= {};
      assign(draft.settings, { [name]: value });
    },
  };
}

/** Clips on or off, trowel or back-butter: settings that are not plain numbers with a default. */
export function editSettings(patch: Patch<NonNullable<Project["settings"]>>): Command {
  return {
    name: "edit-setting",
    change: (draft) => {
      draft.settings ??= {};
      assign(draft.settings, patch);
    },
  };
}

/** Decisions about what goes on the studs: system, board, how sheets lie, fasteners, accent. */
export function editBuild(patch: Patch<NonNullable<Project["build"]>>): Command {
  return {
    name: "edit-build",
    change: (draft) => {
      draft.build ??= {};
      assign(draft.build, patch);
    },
  };
}

/** Ticks or unticks something that was covered before the work. */
export function setProtected(item: string, done: boolean): Command {
  return {
    name: "edit-protection",
    change: (draft) => {
      const others = (draft.protection ?? []).filter((other) => other !== item);
      draft.protection = done ? [...others, item] : others;
    },
  };
}

/** Several changes as one step of history. */
export function together(name: CommandName, commands: Command[]): Command {
  return {
    name,
    change: (draft) => {
      for (const command of commands) command.change(draft);
    },
  };
}
