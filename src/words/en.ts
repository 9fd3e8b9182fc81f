import type { WallFigureCode } from "../../core/figure.ts";
import { english as coreEnglish } from "../../core/words/en.ts";
import type { CoreWords } from "../../core/words/spoken.ts";
import { counted } from "./counted.ts";
import { commands } from "./en/commands.ts";
import { drawn } from "./en/drawn.ts";
import { jobs } from "./en/jobs.ts";
import type { later } from "./en/later.ts";

/** What is said from the first figures on: the shell, the drawing and the set-out. */
const atOnce = {
  /** What the application is, for those who find its address. */
  description: "Set out shower and tub surround walls.",
  version: {
    waiting: "A newer version of Dintel is here. It starts when you are ready; nothing is lost.",
    replaced: "Another tab has started a newer version. Load this tab anew when you are ready.",
    start: "Start it now",
  },
  /** What the plan itself says: warnings, figures, problems with files. */
  core: coreEnglish as CoreWords,
  /** A name of something as it stands within a sentence. */
  inline: (word: string) => word.toLowerCase(),
  control: "Ctrl",
  shift: "Shift",
  setOut: drawn,
  product: "Dintel",
  loading: "Opening…",
  close: "Close",
  cancel: "Cancel",
  undo: "Undo",
  redo: "Redo",
  language: "Language",
  jobs,
  patterns: {
    stacked: "Stacked",
    half: "Half offset",
    "third-stepped": "One-third, stepped",
    "third-alternating": "One-third, alternating",
    diagonal: "Diagonal",
    "herringbone-block": "Herringbone, along the courses",
    "herringbone-point": "Herringbone, point up",
    "basket-weave": "Basket weave",
    hexagon: "Hexagon (short side: flat to flat)",
    scale: "Fans or scales (short side: width)",
    "two-heights": "Courses of two heights by turns",
    pinwheel: "Pinwheel of two squares",
    other: "Other offset",
  },
  lay: { lying: "Lying", standing: "Standing" },
  round: { lying: "Round side up", standing: "Round side down" },
  allPlaces: "All stages and pages",
  next: "Next",
  stageNav: "Stages",
  skip: "Skip to the drawing",
  stages: {
    measure: "Measure",
    board: "Board",
    waterproof: "Waterproof",
    "set-out": "Set out",
    cut: "Cut",
    set: "Set",
    grout: "Grout",
    "hand-over": "Hand over",
    now: "Now",
    order: "Order",
    days: "Days",
    log: "Log",
    options: "Options",
    pole: "Pole",
    record: "Record",
    documents: "Documents",
  },
  remove: "Remove",
  openReadings: "Readings as CSV, in and out",
  openCompare: "Compare layouts",
  units: { in: "in", mm: "mm", label: "Lengths in", mark: "Tape mark" },
  save: {
    saved: "Saved on this device",
    saving: "Saving…",
    failed: "Not saved",
    failedText:
      "The browser cannot store this job: its storage may be full. Your work is still here. Free some space and try again, or export the job now.",
    retry: "Try again",
    tab: "In this tab only",
    full: "This could not be stored: the browser's storage may be full. Nothing was changed. Free some space, or export jobs and erase them here, then try again.",
  },
  failed: {
    title: (name: string) => `${name} could not be shown`,
    text: "Something in it went wrong. The job itself is safe, and the rest goes on working. Try again, undo the last change, or save the job as a file.",
    loading:
      "A part of the application could not be loaded: is the server still there, and the network? The job itself is safe. Try again, or save it as a file.",
    drawing: "The drawing",
    panel: "The panel",
    dialog: "What was opened",
    tally: "The tally",
  },
  typing: {
    changed: (theirs: string) => `Meanwhile this was changed to ${theirs}.`,
    mine: "Keep mine",
    theirs: "Take theirs",
    empty: "nothing",
  },
  notices: {
    "other-tab": "Another tab changed this job. You see both tabs' changes.",
    undoOther: (what: string) =>
      `Nothing was undone: the last step, “${what}”, was done in another tab since, and it stands on yours.`,
    undoAnyway: "Undo it all the same",
    redoOther: (what: string) => `“${what}” was done and undone in another tab.`,
    redoAnyway: "Do it again all the same",
    deleted: "This job was deleted in another tab. Bring it back to go on.",
    erased: "This job was erased in another tab. What you do next goes on in a copy of it.",
    copied: "The job was erased in another tab; this is a copy of it, with everything you did.",
    goOn: "Go on as a copy",
    damaged: (name: string) =>
      `What is stored of “${name}” is damaged and cannot be shown. Save what is there as a file.`,
    "plan-failed":
      "This change could not be planned. The last good plan stays on screen; undo it or correct it.",
    refused: "This change was not made.",
    nowhere: "There is nothing at this address.",
    missing:
      "This job is not in this browser. It may have been erased, or it was made elsewhere: import its file.",
  },
  header: {
    find: "Find or do",
    print: "Print what is shown",
    about: "About Dintel",
    theme: "Light",
    shortcuts: "Keyboard shortcuts",
    menu: "More",
    allJobs: "All jobs",
  },
  themes: { plaster: "Plaster", lamp: "Lamp-lit", sunlight: "Sunlight" },
  tally: {
    title: "Wall tally",
    allWalls: "Whole tally",
    oneLine: "One line",
    wall: "Wall",
    job: "Job",
    left: "Left cut",
    right: "Right cut",
    bottom: "Bottom",
    top: "Top",
    openFigure: (figure: string, wall: string) => `${figure}, ${wall}: show the sum`,
    openFlag: (side: string, wall: string) => `${side}, ${wall}: show every row`,
    none: "none",
  },
  tallyColumns: {
    tilesFull: "Full",
    tilesCut: "Cut",
    membraneAreaM2: "Membrane",
    clips: "Clips",
    mortarKg: "Thinset",
    groutKg: "Grout",
    sealantM: "Sealant",
  } satisfies Partial<Record<WallFigureCode, string>>,
  sides: { left: "Left", right: "Right", top: "Top", bottom: "Bottom" },
  figure: {
    default: "trade default",
    yours: "yours",
    reset: "Back to default",
    rests: "Defaults of the trade; the product's data sheet wins.",
    more: (count: number) => `and ${counted(count, "more length")}`,
    input: "Input",
    amount: "Amount",
    also: "Also",
    allWalls: "All walls",
    related: {
      membraneAreaM2: "membraneL",
      clips: "jointLengthM",
      tilesFull: "fieldAreaM2",
    } as Partial<Record<WallFigureCode, WallFigureCode>>,
  },
  flagRows: {
    course: "Course",
    column: "Column",
    size: "Size",
    ends: "Ends",
    uncut: "full tile",
    sliver: "sliver",
    limit: (limit: string) => `Slivers are below ${limit}.`,
  },
  drawing: {
    label: "Unfolded surround",
    stops: "The drawing. Arrow keys, Page Up and Page Down go through it.",
    woven: {
      runs: "This course runs past the corner",
      stops: "This course stops behind the other",
    },
    level: "level line",
    firstCourse: "first-course line",
    lowPoint: (wall: string, length: string, fall: string) =>
      `low point: ${wall}, ${length} from its left corner; fall ${fall}`,
    centre: "centre",
    dragHint: "Drag the pattern. Arrow keys nudge it.",
    moveHint: (name: string, wall: string) => `${name}, ${wall}. Drag it. Arrow keys nudge it.`,
    pole: "courses",
    ledger: "Ledger: its top edge",
    control: "The corners of the herringbone touch this line",
    fold: "Fold",
    unfold: "Unfold",
    turn: "Turn",
    previous: "Previous wall",
    next: "Next wall",
    exaggerated: (factor: number) => `errors drawn ${factor} times as large`,
    cutPiece: (number: number, kind: string, width: string, height: string) =>
      `Cut ${number}, ${kind}, ${width} by ${height}`,
    panel: "Details",
    tally: "Tally",
    snaps: {
      tile: "tile on centre",
      joint: "joint on centre",
      equal: "equal cuts",
      "full-course": "full first course",
      "item-joint": "edge on a joint",
      "item-bay": "middle of the stud bay",
      "item-item": "in line with another opening",
      "item-centre": "on the centre line",
    },
    oneWall: "This wall",
    allWalls: "All walls",
  },
  commands,
  fields: {
    tooSmall: (limit: string) => `Must be more than ${limit}.`,
    tooLarge: (limit: string) => `Must be ${limit} at most.`,
    negative: "Cannot be negative.",
    notNumber: "Type a number.",
    kept: "The last good value stays in the plan.",
    noColour: "No colour of its own",
  },
};

/** What a language says from the first figures on. */
export type AtOnce = typeof atOnce;

/** What a language has to say: what the parts say that are loaded where they are shown comes later. */
export type Words = AtOnce & typeof later;

/** Everything that the interface says, in English. Another language is another object of this shape. */
export const english = atOnce as Words;
