import { type Homography, mapped } from "../../core/measure/homography.ts";

/** A part of a wall, mm, and how many pixels it is drawn with. */
export interface Target {
  minX: number;
  maxY: number;
  width: number;
  height: number;
  mmPerPixel: number;
}

/** Pixels as a canvas holds them: red, green, blue and opacity of each. */
export interface Pixels {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/**
 * What of a photo lies on a part of a wall: for each pixel of it the photo is looked up where the
 * homography takes it, between four pixels. What the photo does not show stays clear.
 */
export function rectified(photo: Pixels, toPhoto: Homography, target: Target): Uint8ClampedArray {
  const out = new Uint8ClampedArray(target.width * target.height * 4);
  for (let row = 0; row < target.height; row++) {
    for (let column = 0; column < target.width; column++) {
      const x = target.minX + (column + 0.5) * target.mmPerPixel;
      const y = target.maxY - (row + 0.5) * target.mmPerPixel;
      const [u, v] = mapped(toPhoto, [x, y]);
      const at = (row * target.width + column) * 4;
      between(photo, u * photo.width - 0.5, v * photo.height - 0.5, out, at);
    }
  }
  return out;
}

function between(
  { data, width, height }: Pixels,
  x: number,
  y: number,
  out: Uint8ClampedArray,
  at: number,
): void {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) return;
  const [dx, dy] = [x - left, y - top];
  const first = (top * width + left) * 4;
  const below = first + width * 4;
  for (let k = 0; k < 3; k++) {
    const upper = (data[first + k] ?? 0) * (1 - dx) + (data[first + 4 + k] ?? 0) * dx;
    const lower = (data[below + k] ?? 0) * (1 - dx) + (data[below + 4 + k] ?? 0) * dx;
    out[at + k] = upper * (1 - dy) + lower * dy;
  }
  out[at + 3] = 255;
}
