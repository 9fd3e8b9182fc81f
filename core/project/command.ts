import type { ItemCommand } from "./lists.ts";
import type { Project } from "./schema.ts";

/** Names of everything a user can do to a job; the words for the history live with the words. */
export type CommandName =
  | "rename-job"
  | "set-unit"
  | "edit-wall"
  | "edit-reading"
  | "add-opening"
  | "edit-opening"
  | "remove-opening"
  | "add-fixture"
  | "edit-fixture"
  | "remove-fixture"
  | "edit-tile"
  | "edit-stock"
  | "edit-price"
  | "edit-labour"
  | "edit-quote"
  | "edit-kit"
  | "tick-bought"
  | "edit-version"
  | "take-version"
  | "edit-days"
  | "edit-hand-over"
  | "edit-field"
  | "move-pattern"
  | "edit-centre"
  | "edit-set-out"
  | "edit-corner"
  | "edit-enclosure"
  | "edit-setting"
  | "edit-build"
  | "edit-protection"
  | "edit-ready"
  | "edit-as-set"
  | "import-readings"
  | "apply-layout"
  | ItemCommand;

/**
 * One change to a job: a name for the history and a pure recipe. `change` edits the draft it is
 * given (an immer draft, or a plain copy) and nothing else, so that it can be applied again to the
 * newer project of another tab. Commands that share a merge key are undone together.
 */
export interface Command {
  name: CommandName;
  mergeKey?: string;
  change: (draft: Project) => void;
}
