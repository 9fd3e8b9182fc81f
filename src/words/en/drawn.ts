/** Words of Set out that the drawing and the warnings beside it say from the first figures on. */
export const drawn = {
  centre: "Centre of this wall",
  modes: { tile: "Through a tile", joint: "On a joint", free: "Free" },
  zoneKinds: { band: "Band", panel: "Panel", niche: "Niche back" },
  cornerShelf: "Corner shelf",
  fullTile: "full",
  watch: "Watch",
  /** Before the places where the same is to be watched. */
  alsoAt: "Also at:",
  allClear: "Nothing to watch on this wall.",
};
