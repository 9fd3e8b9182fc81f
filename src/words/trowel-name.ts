import { formatBare } from "../../core/length/format.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import type { Trowel } from "../../core/project/trowel.ts";
import { ui } from "./ui.ts";

/** A trowel by the size and shape of its notch: 1/4 × 3/8 square. */
export function trowelName({ notch, width, depth }: Trowel, style: LengthStyle): string {
  const fine = { ...style, mark: 32 as const };
  const size = `${formatBare(width, fine)} × ${formatBare(depth, fine)}`;
  return ui.set.trowel(ui.set.notches[notch], size);
}
