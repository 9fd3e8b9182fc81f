import type { drawn as english } from "../en/drawn.ts";

/** Words of Set out that the drawing and the warnings beside it say from the first figures on. */
export const drawn: typeof english = {
  centre: "Centro de esta pared",
  modes: { tile: "En una pieza", joint: "En una junta", free: "Libre" },
  zoneKinds: { band: "Franja", panel: "Panel", niche: "Fondo de nicho" },
  cornerShelf: "Repisa esquinera",
  fullTile: "entera",
  watch: "A vigilar",
  /** Before the places where the same is to be watched. */
  alsoAt: "También en:",
  allClear: "Nada que vigilar en esta pared.",
};
