import { boxOf, type Point, type Polygon } from "../../geometry/polygon.ts";
import { ringShape } from "../kind.ts";
import { type Notch, Side } from "./blank.ts";

/** A drop with a side shorter than this is not kept, mm. */
const LEAST_DROP = 20;

/** A notch within this of its piece's own side opens there, mm. */
const AT_SIDE = 0.8;

/**
 * The rectangle that is cut out of an L or a U, in the box round the piece: a drop of its own. The
 * saw takes its kerf from it along every cut. Undefined when it is too small to keep.
 */
export function notchOf(ring: Polygon, kerf: number): Notch | undefined {
  const { corners, reflex } = ringShape(ring);
  const chain = chainAt(corners, reflex);
  if (chain.length === 0) return undefined;
  const [box, around] = [boxOf(corners), boxOf(chain)];
  const [middleX, middleY] = [(around.minX + around.maxX) / 2, (around.minY + around.maxY) / 2];
  const xs = chain.map(([x]) => x);
  const ys = chain.map(([, y]) => y);
  // Of a cut that is not quite upright the piece keeps the wider part.
  const left = Math.max(...xs.filter((x) => x < middleX));
  const right = Math.min(...xs.filter((x) => x > middleX));
  const low = Math.max(...ys.filter((y) => y < middleY));
  const high = Math.min(...ys.filter((y) => y > middleY));
  const open =
    (left < box.minX + AT_SIDE ? Side.left : 0) |
    (right > box.maxX - AT_SIDE ? Side.right : 0) |
    (low < box.minY + AT_SIDE ? Side.bottom : 0) |
    (high > box.maxY - AT_SIDE ? Side.top : 0);
  const x = left - box.minX + (open & Side.left ? 0 : kerf);
  const y = low - box.minY + (open & Side.bottom ? 0 : kerf);
  const width = right - box.minX - (open & Side.right ? 0 : kerf) - x;
  const height = high - box.minY - (open & Side.top ? 0 : kerf) - y;
  return width >= LEAST_DROP && height >= LEAST_DROP ? { x, y, width, height, open } : undefined;
}

/** The corners round the cut-out of an L or a U: the bent-in ones, and the one before and after. */
function chainAt(corners: Polygon, reflex: number[]): Point[] {
  const count = corners.length;
  const [first = 0, second = first] = reflex;
  const [from, to] = second - first > 1 ? [second, first + count] : [first, second];
  if (reflex.length === 0 || reflex.length > 2) return [];
  return Array.from({ length: to - from + 3 }, (_, k) => {
    return corners[(from - 1 + k + count) % count] as Point;
  });
}
