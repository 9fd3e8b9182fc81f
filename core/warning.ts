/** How much a warning matters: a note, a warning, or a stop that must be settled before work. */
export type Severity = "note" | "warning" | "stop";

/** Everything the plan can warn of, with the figures of its sentence. The words live with the words. */
export interface WarningFigures {
  "level-line-assumed": "height";
  "wall-assumed-square": never;
  "base-out-of-level": "fall" | "tolerance" | "x" | "count" | "narrowest" | "widest";
  "out-of-plumb": "lean" | "perM" | "limit" | "right" | "count" | "narrowest" | "widest";
  "ceiling-not-level": "fall" | "limit" | "count" | "narrowest" | "widest";
  "niche-off-centre": "off" | "right";
  "panel-drifts": "drift" | "right" | "limit" | "perRow" | "rows";
  "lean-mismatch": "mismatch";
  "reading-far-from-corner": "gap" | "limit";
  "base-above-top": never;
  "job-too-large": "most";
  "no-field": never;
  "too-many-tiles": never;
  "opening-leaves-wall": never;
  "openings-overlap": never;
  "fixture-not-clear": never;
  "fixture-outside": never;
  "plate-too-small": "hole" | "plate" | "bearing";
  "hole-near-edge": "size" | "limit" | "count";
  "weak-tongue": "size" | "limit" | "count";
  "thin-strip": "size" | "limit" | "count";
  "strip-below-saw": "size" | "by" | "limit" | "count";
  "cut-beyond-tools": "size" | "by" | "limit" | "count";
  "no-hole-saw": "size" | "by" | "limit" | "count";
  "marks-disagree": "by";
  sliver: "size" | "limit" | "count";
  "tile-larger-than-wall": never;
  "wall-narrower-than-tile": never;
  "joint-zero": "limit";
  "joint-too-narrow": "joint" | "limit";
  "leg-short": "width" | "limit" | "usual";
  "joint-below-spread": "spread" | "joint" | "limit";
  "offset-joint-too-narrow": "side" | "limit" | "joint";
  "offset-too-large": "side" | "offset";
  "zone-too-small": never;
  "zone-leaves-field": never;
  "zones-overlap": never;
  "corner-not-followed": never;
  "shelf-no-corner": never;
  "shelf-off-joint": "move";
  "shelf-without-blocking": never;
  "trim-drifts": "drift";
  "edge-piece-too-long": "face";
  "sheets-interlock": "chips" | "sheets";
  "old-adhesive": "areaM2";
  "board-torn": "areaM2";
  "surface-shiny": "areaM2";
  "adhesive-unsuited": "side" | "limit" | "glass";
  "tile-too-heavy": "mass" | "limit" | "plaster";
  "accent-stands-proud": "proud";
  "spare-not-kept": "keep";
  "stock-short": "short" | "need" | "onHand" | "leadDays" | "never";
  "thin-bed": "bed" | "limit";
  "mortar-unsuited": "glass";
  "mortar-shows": "glass";
  "rows-hang": "rows" | "safe" | "sessions";
  "grout-unsuited": "joint" | "scratches" | "wide";
  "grout-sets-fast": "minutes" | "areaM2";
  "width-disagrees": "y" | "size" | "wider" | "tolerance";
  "base-disagrees": "size" | "tolerance" | "y" | "wider";
  "top-disagrees": "size" | "tolerance" | "y" | "wider";
  "level-loop-open": "size" | "tolerance" | "y" | "wider";
  "plan-loop-open": "size" | "tolerance" | "y" | "wider";
  "diagonal-impossible": never;
  "corner-out-of-square": "runOut" | "open" | "narrower" | "jointTaper";
  "not-flat": "x" | "hump" | "gap" | "length" | "allowed" | "over" | "skimL";
  "niche-in-rated-wall": never;
  "niche-in-bearing-wall": never;
  "niche-in-outside-wall": never;
  "moisture-sandwich": never;
}

/** What Board and Waterproof warn of. */
export interface BoardFigures {
  "board-piece-too-large": never;
  "drywall-in-wet": never;
  "system-least-conservative": never;
  "seams-only-needs-durable-board": never;
  "foam-system-other-board": never;
  "sheet-mortar-class": never;
  "mastic-in-wet": never;
  "board-thin": "thickness" | "limit";
  "studs-too-far": "distance" | "limit";
  "seam-near-opening": "count" | "clear";
  "opening-cuts-stud": "rough" | "count" | "assumed" | "fits" | "move" | "right" | "widest";
  "niche-too-deep": "depth" | "there";
  "valve-depth": "there" | "least" | "most";
  "socket-needs-extension": "depth";
  "plate-leaves-gap": "bears" | "limit";
  "work-round": "depth";
  "flange-proud": "proud" | "fur" | "decided";
  "blocking-outside": never;
  "film-thin": "average" | "target" | "addL";
  "film-thin-place": "coat" | "thin" | "least" | "target";
  "film-above-tile": "above";
  "holes-open": "count";
}

type Figures = WarningFigures & BoardFigures;

export type BoardWarningCode = keyof BoardFigures;

export type WarningCode = keyof Figures;

/** Figures for a sentence, lengths in mm; and the number of the cut that it is about. */
export type ValuesOf<C extends WarningCode> = Record<Figures[C], number> & { number?: number };

/** Where a warning belongs. */
export interface WarningPlace {
  wall?: string;
  piece?: string;
  /** Opening or fixture. */
  item?: string;
  side?: string;
}

/** A warning as data: a code, a place and figures; sentences are made where they are read. */
export type Warning = {
  [C in WarningCode]: WarningPlace & { code: C; severity: Severity; values: ValuesOf<C> };
}[WarningCode];

/** A warning of a code that is not known where it is made. */
export function warningOf<C extends WarningCode>(
  code: C,
  severity: Severity,
  values: ValuesOf<C>,
  place: WarningPlace = {},
): Warning {
  // Of one code among many the compiler does not see that its figures go with it.
  return { code, severity, ...place, values } as unknown as Warning;
}
