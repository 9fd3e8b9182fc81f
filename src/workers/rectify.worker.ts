import { expose } from "comlink";
import type { Homography } from "../../core/measure/homography.ts";
import { rectified, type Target } from "./rectify.ts";

/** Draws a wall's photo straight on, off the main thread. */
const api = {
  async rectify(photo: Blob, toPhoto: Homography, target: Target): Promise<Blob> {
    const image = await createImageBitmap(photo);
    const { width, height } = image;
    const context = new OffscreenCanvas(width, height).getContext("2d");
    const canvas = new OffscreenCanvas(target.width, target.height);
    const drawn = canvas.getContext("2d");
    if (!context || !drawn) throw new Error("no canvas");
    context.drawImage(image, 0, 0);
    image.close();
    const pixels = context.getImageData(0, 0, width, height);
    const out = rectified(pixels, toPhoto, target);
    const made = drawn.createImageData(target.width, target.height);
    made.data.set(out);
    drawn.putImageData(made, 0, 0);
    return canvas.convertToBlob({ type: "image/png" });
  },
};

export type RectifyWorker = typeof api;

expose(api);
