import bareWall from "./photos/bare-wall.jpg?url";
import behindWall from "./photos/behind-wall.jpg?url";
import chippedCorner from "./photos/chipped-corner.jpg?url";
import tileBack from "./photos/tile-back.jpg?url";

/** The photos that sample jobs name, each with where it is. */
export const SAMPLE_PHOTOS: Record<string, string> = {
  "sample-photo-bare-wall": bareWall,
  "sample-photo-behind-wall": behindWall,
  "sample-photo-tile-back": tileBack,
  "sample-photo-chipped-corner": chippedCorner,
};
