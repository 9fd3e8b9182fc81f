/** How much a warning matters: a note, a warning, or a stop that must be settled before work. */
export type Severity = "note" | "warning" | "stop";

/** Everything the plan can warn of. The words for each code live with the words. */
export type WarningCode =
  | "level-line-assumed"
  | "wall-assumed-square"
  | "base-out-of-level"
  | "lean-mismatch"
  | "reading-far-from-corner"
  | "base-above-top"
  | "job-too-large"
  | "no-field"
  | "too-many-tiles"
  | "opening-leaves-wall"
  | "openings-overlap"
  | "fixture-not-clear"
  | "fixture-outside"
  | "plate-too-small"
  | "hole-near-edge"
  | "weak-tongue"
  | "thin-strip"
  | "strip-below-saw"
  | "cut-beyond-tools"
  | "no-hole-saw"
  | "marks-disagree"
  | "sliver"
  | "tile-larger-than-wall"
  | "wall-narrower-than-tile"
  | "joint-zero"
  | "joint-too-narrow"
  | "leg-short"
  | "joint-below-spread"
  | "offset-joint-too-narrow"
  | "offset-too-large"
  | "zone-too-small"
  | "zone-leaves-field"
  | "zones-overlap"
  | "corner-not-followed"
  | "shelf-no-corner"
  | "shelf-off-joint"
  | "shelf-without-blocking"
  | "trim-drifts"
  | "edge-piece-too-long"
  | "thin-bed"
  | "width-disagrees"
  | "base-disagrees"
  | "top-disagrees"
  | "level-loop-open"
  | "plan-loop-open"
  | "diagonal-impossible"
  | "corner-out-of-square"
  | "not-flat"
  | "niche-in-rated-wall"
  | "niche-in-bearing-wall"
  | "niche-in-outside-wall"
  | "moisture-sandwich"
  | BoardWarningCode;

/** What Board and Waterproof warn of. */
export type BoardWarningCode =
  | "board-piece-too-large"
  | "drywall-in-wet"
  | "system-least-conservative"
  | "seams-only-needs-durable-board"
  | "foam-system-other-board"
  | "sheet-mortar-class"
  | "mastic-in-wet"
  | "board-thin"
  | "studs-too-far"
  | "seam-near-opening"
  | "opening-cuts-stud"
  | "niche-too-deep"
  | "valve-depth"
  | "blocking-outside"
  | "film-thin"
  | "film-thin-place"
  | "film-above-tile"
  | "holes-open";

/** A warning as data: a code, a place and figures; sentences are made where they are read. */
export interface Warning {
  code: WarningCode;
  severity: Severity;
  wall?: string;
  piece?: string;
  /** Opening or fixture. */
  item?: string;
  side?: string;
  /** Figures for the sentence, lengths in mm. */
  values: Record<string, number>;
}
