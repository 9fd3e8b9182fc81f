import { SAME_MM } from "../limits.ts";

/** What a length may be, mm. */
export interface Stretch {
  least: number;
  most: number;
}

/** One setting of the saw's fence, and which lengths it serves. */
export interface FenceStop {
  /** What the fence is set to, mm. */
  set: number;
  /** Places in the list of stretches. */
  serves: number[];
}

/**
 * The fewest settings of the fence so that each stretch holds one of them: sorted by their upper
 * ends, take the lowest, drop what it meets, and again. Each one taken stands for a stretch that no
 * other one taken meets, so that fewer are not possible. Each is set to the tape mark nearest to the
 * middle of what its stretches have in common, else to the middle itself.
 */
export function fewestStops(stretches: Stretch[], mark: number): FenceStop[] {
  const order = stretches.map((_, k) => k).sort((p, q) => mostOf(p) - mostOf(q));
  function mostOf(k: number): number {
    return (stretches[k] as Stretch).most;
  }
  const stops: FenceStop[] = [];
  let common: Stretch | undefined;
  let serves: number[] = [];
  const close = () => common && stops.push({ set: onTape(common, mark), serves });
  for (const k of order) {
    const { least, most } = stretches[k] as Stretch;
    if (common && least <= common.most + SAME_MM) {
      common = { least: Math.max(common.least, least), most: common.most };
      serves.push(k);
    } else {
      close();
      common = { least, most };
      serves = [k];
    }
  }
  close();
  return stops;
}

/** The tape mark nearest to the middle of a stretch, where it lies within; else the middle. */
function onTape({ least, most }: Stretch, mark: number): number {
  const middle = (least + most) / 2;
  const nearest = Math.round(middle / mark) * mark;
  return nearest >= least - SAME_MM && nearest <= most + SAME_MM ? nearest : middle;
}
