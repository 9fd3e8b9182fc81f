import assert from "node:assert/strict";
import { test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { editField, setDrop } from "../../core/project/commands.ts";
import { oneWall } from "../../core/testing.ts";
import type { JobRow } from "../storage/database.ts";
import { applyCommand } from "../storage/history.ts";
import type { PassingPlan } from "../workers/passing.ts";
import type { Asked, PlanListener } from "../workers/planner.ts";
import { JobSession, type JobStorage } from "./job-session.ts";

const settle = () => new Promise((resolve) => setImmediate(resolve));

/** A store that all sessions of a test share, and that can be full. */
class Shelf {
  rows = new Map<string, JobRow>();
  full = false;
  private readonly watchers = new Set<() => void>();

  constructor() {
    const project = oneWall();
    this.put({
      ...{ id: project.id, project, revision: 1, writer: "other" },
      ...{ history: [], position: 0, updatedAt: 0 },
    });
  }

  put(row: JobRow): void {
    // What is stored comes out as a copy, as it does of a database.
    this.rows.set(row.id, structuredClone(row));
    for (const tell of this.watchers) tell();
  }

  erase(id: string): void {
    this.rows.delete(id);
    for (const tell of this.watchers) tell();
  }

  tab(writer: string): JobStorage {
    return {
      writer,
      watch: (id, { next }) => {
        const tell = () => next(structuredClone(this.rows.get(id)));
        this.watchers.add(tell);
        tell();
        return () => this.watchers.delete(tell);
      },
      change: async (id, change) => {
        await settle();
        if (this.full) throw new Error("no room");
        const row = this.rows.get(id);
        if (!row) return undefined;
        const changed = change(structuredClone(row));
        if (changed) this.put({ ...changed, writer });
        return structuredClone(this.rows.get(id));
      },
      addCopy: async (row) => {
        const copy = { ...row, id: "copy", project: { ...row.project, id: "copy" }, writer };
        this.put(copy);
        return copy;
      },
    };
  }
}

/** A tab with a planner whose answers the test gives out by hand. */
function openTab(shelf = new Shelf(), writer = "this") {
  const asked: Asked[] = [];
  let listener: PlanListener | undefined;
  const copied: string[] = [];
  const session = new JobSession({
    planner: (own) => {
      listener = own;
      return { ask: (question) => void asked.push(question) };
    },
    storage: shelf.tab(writer),
    onCopied: (id) => copied.push(id),
  });
  const close = session.open("test");
  const answer = () => {
    const { project } = asked.at(-1) as Asked;
    listener?.onPlan(planProject(project), project);
  };
  const pass = (project = (asked.at(-1) as Asked).project) =>
    listener?.onPassing({ firstY: 1 } as PassingPlan, project);
  const { getState: state } = session.use;
  return {
    shelf,
    session,
    state,
    asked,
    answer,
    pass,
    fail: () => listener?.onFailure(0),
    close,
    copied,
  };
}

test("a command shows at once, is planned, and is stored with its history", async () => {
  const { shelf, session, state, asked, answer } = openTab();
  answer();
  assert.ok(state().plan);
  session.dispatch(editField({ joint: 5 }));
  assert.equal(state().row?.project.field.joint, 5);
  assert.equal(state().save, "saving");
  assert.equal(asked.at(-1)?.project.field.joint, 5);
  assert.ok(session.isUnsaved());
  await settle();
  await settle();
  assert.equal(state().save, "saved");
  assert.equal(shelf.rows.get("test")?.project.field.joint, 5);
  session.undo();
  assert.equal(state().row?.project.field.joint, 3);
  session.redo();
  assert.equal(state().row?.project.field.joint, 5);
});

test("what a full store does not take stays, and is stored in its order when there is room", async () => {
  const { shelf, session, state } = openTab();
  shelf.full = true;
  session.dispatch(editField({ joint: 5 }));
  session.dispatch(setDrop(40));
  await settle();
  await settle();
  assert.equal(state().save, "failed");
  assert.equal(state().row?.project.setOut.firstCourse.drop, 40);
  assert.equal(shelf.rows.get("test")?.revision, 1);
  shelf.full = false;
  session.retrySave();
  for (let k = 0; k < 6; k++) await settle();
  assert.equal(state().save, "saved");
  const stored = shelf.rows.get("test");
  assert.deepEqual([stored?.project.field.joint, stored?.project.setOut.firstCourse.drop], [5, 40]);
  assert.deepEqual(
    stored?.history.map(({ name }) => name),
    ["edit-field", "edit-set-out"],
  );
});

test("a command goes on top of what another tab stored meanwhile, and that is said", async () => {
  const { shelf, session, state, asked } = openTab();
  const row = shelf.rows.get("test") as JobRow;
  session.dispatch(editField({ joint: 5 }));
  shelf.put({ ...(applyCommand(row, setDrop(25)) as JobRow), writer: "other" });
  // Its own change is still on its way: nothing jumps back.
  assert.equal(state().row?.project.field.joint, 5);
  await settle();
  await settle();
  const { project } = state().row as JobRow;
  assert.deepEqual([project.field.joint, project.setOut.firstCourse.drop], [5, 25]);
  assert.equal(state().notice, "other-tab");
  assert.deepEqual(asked.at(-1)?.project, project);
});

test("undo here takes nothing back of another tab without asking", async () => {
  const { shelf, session, state } = openTab();
  const row = shelf.rows.get("test") as JobRow;
  shelf.put({ ...(applyCommand(row, setDrop(25), "other") as JobRow), writer: "other" });
  session.undo();
  assert.equal(state().notice, "undo-other");
  assert.equal(state().row?.project.setOut.firstCourse.drop, 25);
  session.undoAnyway();
  assert.equal(state().row?.project.setOut.firstCourse.drop, 0);
  assert.equal(state().notice, undefined);
  session.redoAnyway();
  session.dispatch(editField({ joint: 5 }));
  for (let k = 0; k < 4; k++) await settle();
  // Stored by the other while this undo is on its way: it stays all the same.
  const now = shelf.rows.get("test") as JobRow;
  session.undo();
  shelf.put({
    ...(applyCommand(now, editField({ joint: 7 }), "other") as JobRow),
    writer: "other",
  });
  for (let k = 0; k < 4; k++) await settle();
  assert.equal(shelf.rows.get("test")?.project.field.joint, 7);
  assert.equal(state().row?.project.field.joint, 7);
  assert.equal(state().notice, "other-tab");
});

test("another tab's change is taken over, its deletion told, an erased job goes on as a copy", async () => {
  const { shelf, session, state, copied } = openTab();
  const row = shelf.rows.get("test") as JobRow;
  shelf.put({ ...(applyCommand(row, setDrop(25)) as JobRow), writer: "other" });
  assert.equal(state().row?.project.setOut.firstCourse.drop, 25);
  assert.equal(state().notice, "other-tab");
  session.dismissNotice();
  shelf.put({ ...(shelf.rows.get("test") as JobRow), deletedAt: 1 });
  assert.equal(state().notice, "deleted");
  shelf.erase("test");
  assert.equal(state().notice, "erased");
  session.dispatch(editField({ joint: 8 }));
  for (let k = 0; k < 4; k++) await settle();
  assert.deepEqual(copied, ["copy"]);
  assert.equal(shelf.rows.get("copy")?.project.field.joint, 8);
  assert.equal(state().notice, "copied");
  assert.ok(!session.isUnsaved());
});

test("a drag passes by and leaves nothing; what comes after it was let go is late", async () => {
  const { session, state, asked, answer, pass } = openTab();
  answer();
  assert.ok(session.settledWall("A"));
  session.preview(setDrop(30), ["item-centre"]);
  assert.equal(asked.at(-1)?.passing, true);
  const { project } = asked.at(-1) as Asked;
  pass();
  assert.equal(state().passing?.firstY, 1);
  assert.deepEqual(state().snaps, ["item-centre"]);
  assert.equal(state().row?.project.setOut.firstCourse.drop, 0);
  session.dispatch(setDrop(30));
  assert.equal(session.settledWall("A"), undefined, "its plan is on its way");
  answer();
  assert.equal(state().passing, undefined);
  pass(project);
  assert.equal(state().passing, undefined);
  assert.deepEqual(state().snaps, []);
});

test("a command that would leave an invalid job is refused, and a dragged thing goes back", () => {
  const { session, state, asked } = openTab();
  session.preview(setDrop(10));
  session.dispatch(editField({ joint: -1 }));
  assert.ok(state().refused?.includes("joint"), state().refused);
  assert.equal(asked.at(-1)?.passing, undefined);
  assert.equal(asked.at(-1)?.project.setOut.firstCourse.drop, 0);
  session.dismissNotice();
  assert.equal(state().refused, undefined);
});

test("a missing job, one that is no job, and a planner that fails are told", () => {
  const shelf = new Shelf();
  const { state, fail } = openTab(shelf);
  fail();
  assert.equal(state().notice, "plan-failed");
  shelf.put({ id: "test", project: { name: "Torn" } } as unknown as JobRow);
  assert.equal(openTab(shelf).state().damaged?.name, "Torn");
  shelf.erase("test");
  assert.equal(openTab(shelf).state().missing, true);
});

test("a plan of a job that was left does not show in the next one, and a closed tab hears nothing", () => {
  const shelf = new Shelf();
  const other = oneWall({ joint: 9 });
  shelf.put({
    ...(shelf.rows.get("test") as JobRow),
    id: "next",
    project: { ...other, id: "next" },
  });
  const { session, state, asked, close, answer } = openTab(shelf);
  const [first] = asked;
  close();
  session.open("next");
  asked.push(first as Asked);
  answer();
  assert.equal(state().plan, undefined);
  shelf.put({ ...(shelf.rows.get("test") as JobRow), revision: 9 });
  assert.equal(state().row?.id, "next");
});
