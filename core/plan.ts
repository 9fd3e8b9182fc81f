import { takeClipper } from "./geometry/boolean.ts";
import { clipRings } from "./geometry/clipper.ts";

// Planning as everybody wants it: with the clipper at hand, that few jobs need. A page has it
// fetched when one does.
takeClipper(clipRings);

export { type PassingTiles, type Plan, Planner, planProject } from "./planning.ts";
