import { create } from "zustand";
import type { FlagSide } from "../../core/cut/sides.ts";
import type { FigureCode } from "../../core/figure.ts";

/** Stages that exist, in the order of the work. */
export const STAGES = [
  ...(["measure", "board", "waterproof", "set-out", "cut", "set", "grout", "hand-over"] as const),
] as const;
export type Stage = (typeof STAGES)[number];
/** Pages beside the drawing. */
export const PAGES = [
  "now",
  "order",
  "days",
  "log",
  "options",
  "pole",
  "record",
  "documents",
] as const;
export type Page = Stage | (typeof PAGES)[number];

/** Whether a page shows the surround. */
export function isStage(page: Page): page is Stage {
  return (STAGES as readonly Page[]).includes(page);
}

/** Whether a page shows the walls with their tile. */
export function showsTile(page: Page): boolean {
  return showsFlags(page) || page === "set" || page === "grout" || page === "hand-over";
}

/** Whether a page tells the cuts at the sides of the walls, which are its subject. */
export function showsFlags(page: Page): boolean {
  return page === "set-out" || page === "cut";
}

/** Whether a word of an address names a page. */
export function isPage(name: string): name is Page {
  return ([...STAGES, ...PAGES] as readonly string[]).includes(name);
}

/** What comes up where there is no room beside the drawing. */
export type SheetName = "panel" | "tally";

/** What is opened over the drawing. */
export type Dialog =
  | { kind: "figure"; code: FigureCode; wall?: string }
  | { kind: "order-figure"; item: string; of?: string | undefined }
  | { kind: "flag"; side: FlagSide; wall: string }
  | { kind: "ticket"; wall: string }
  | { kind: "drops" }
  /** What was used and covered, and when, as charts. */
  | { kind: "used" }
  /** The sum behind a session, or behind a mix of grout. */
  | { kind: "session"; n: number }
  | { kind: "grout-mix"; wall: string; n: number }
  | { kind: "import-readings" }
  | { kind: "import-outline"; wall: string }
  | { kind: "wall-photo"; wall: string }
  | { kind: "shortcuts" }
  /** On a phone: what the header has no room for. */
  | { kind: "menu" }
  /** Something is not stored yet, and the address `to` was asked for. */
  | { kind: "leave"; to: string }
  | { kind: "palette" };

export interface ViewState {
  page: Page;
  wall: string;
  /** Id of the chosen cut piece. */
  piece: string | undefined;
  /** How many times as large the errors of the walls are drawn. */
  exaggerate: number;
  /** What of the build-up is drawn. */
  boardView: "framing" | "board";
  /** Which coat is drawn: 0 is the strips. */
  coat: number;
  /** The set-out's panel shows layouts that were searched for. */
  comparing: boolean;
  /** How far bands may move in a search that was asked for them, mm. */
  bandRange: number;
  /** Only the chosen wall is drawn, as large as it fits. */
  focused: boolean;
  /** In Set out the photo of the bare wall lies over its tile. */
  photo: boolean;
  /** Height of a light beside the wall, degrees above it; without it there is none. */
  light: number | undefined;
  /** The walls are folded up into the room. */
  folded: boolean;
  /** The tally shows all walls, not one line of the chosen one. */
  tallyOpen: boolean;
  dialog: Dialog | undefined;
  /** On a phone: the sheet that is up. */
  sheet: SheetName | undefined;
}

const TALLY_MARK = "dintel-tally";

/** Whether the tally was open when it was last looked at in this browser. */
function wasTallyOpen(): boolean {
  try {
    return localStorage.getItem(TALLY_MARK) !== null;
  } catch {
    return false;
  }
}

/** What this tab looks at; nothing of it belongs to the job. */
export const useView = create<ViewState>(() => ({
  page: "set-out",
  wall: "",
  piece: undefined,
  exaggerate: 1,
  boardView: "board",
  coat: 0,
  comparing: false,
  bandRange: 0,
  focused: false,
  photo: false,
  light: undefined,
  folded: false,
  tallyOpen: wasTallyOpen(),
  dialog: undefined,
  sheet: undefined,
}));

export function show(page: Page): void {
  useView.setState({ page, sheet: undefined });
}

export function selectWall(wall: string): void {
  useView.setState({ wall, piece: undefined });
}

/** One wall large, or all of them. */
export function toggleFocus(): void {
  useView.setState(({ focused }) => ({ focused: !focused }));
}

/** The walls folded up into the room, or unfolded again. */
export function toggleFold(): void {
  useView.setState(({ folded }) => ({ folded: !folded }));
}

/** A cut over the whole screen. */
export function openTicket(wall: string, piece: string | undefined): void {
  useView.setState({ piece, dialog: { kind: "ticket", wall } });
}

/** The tally of all walls, or one line of the chosen one. */
export function toggleTally(): void {
  const tallyOpen = !useView.getState().tallyOpen;
  useView.setState({ tallyOpen });
  try {
    if (tallyOpen) localStorage.setItem(TALLY_MARK, "open");
    else localStorage.removeItem(TALLY_MARK);
  } catch {
    // Then it is as long as this tab is.
  }
}

/** Puts a sheet up, or down when it is up. */
export function toggleSheet(which: SheetName): void {
  useView.setState(({ sheet }) => ({ sheet: sheet === which ? undefined : which }));
}

export function openDialog(dialog: Dialog | undefined): void {
  useView.setState({ dialog });
}
