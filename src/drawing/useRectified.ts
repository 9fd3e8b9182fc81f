import { wrap } from "comlink";
import { useEffect, useState } from "react";
import { type Box, boxOf } from "../../core/geometry/polygon.ts";
import { homography, type Quad, wallCorners } from "../../core/measure/homography.ts";
import type { MeasuredWall } from "../../core/measure/survey.ts";
import type { WallPhoto } from "../../core/project/survey-schema.ts";
import { database } from "../storage/database.ts";
import type { RectifyWorker } from "../workers/rectify.worker.ts";

/** The longer side of a rectified photo, px. */
const LONGEST_SIDE = 1200;

/** A wall's photo drawn straight on: where it is kept for this page, and the part of the wall it covers. */
export interface Rectified {
  address: string;
  box: Box;
}

/** The photo of a wall as it lies on the wall; undefined until it is worked out, or without one. */
export function useRectified(
  photo: WallPhoto | undefined,
  measured: MeasuredWall,
): Rectified | undefined {
  const [made, setMade] = useState<Rectified>();
  // Only what the picture depends on: a plan is another object after every change.
  const corners = JSON.stringify([photo?.id, photo?.corners, wallCorners(measured)]);
  useEffect(() => {
    const [id, marked, wall] = JSON.parse(corners) as [string?, Quad?, Quad?];
    let address: string | undefined;
    let gone = false;
    const make = async () => {
      if (!id || !marked || !wall) return setMade(undefined);
      const toPhoto = homography(wall, marked);
      const row = await database.photos.get(id);
      if (!toPhoto || !row || gone) return;
      const box = boxOf(wall);
      const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
      const mmPerPixel = Math.max(width, height) / LONGEST_SIDE;
      const worker = new Worker(new URL("../workers/rectify.worker.ts", import.meta.url), {
        type: "module",
      });
      try {
        const blob = await wrap<RectifyWorker>(worker).rectify(row.blob, toPhoto, {
          ...{ minX: box.minX, maxY: box.maxY, mmPerPixel },
          width: Math.max(1, Math.round(width / mmPerPixel)),
          height: Math.max(1, Math.round(height / mmPerPixel)),
        });
        if (gone) return;
        address = URL.createObjectURL(blob);
        setMade({ address, box });
      } finally {
        worker.terminate();
      }
    };
    make().catch(() => setMade(undefined));
    return () => {
      gone = true;
      if (address) URL.revokeObjectURL(address);
    };
  }, [corners]);
  return made;
}
