import type { Blank, Stock } from "./cut/drops/blank.ts";
import { blankOf, sawnPieces } from "./cut/drops/drops.ts";
import { KindTable } from "./cut/drops/kinds.ts";
import type { Plan } from "./plan.ts";
import { fewestContents } from "./testing-exact.ts";

/** For tests and bench: what is cut from one size of tile. */
export interface Cuts {
  blanks: Blank[];
  stock: Stock;
}

/** The cuts of a plan by the size that they come from, of one tile of the job or of all. */
export function cutsOf({ walls, drops }: Plan, tile?: string): Cuts[] {
  const sizes = new Map<string, Cuts>();
  for (const drop of drops.tiles) {
    if (tile !== undefined && drop.tile !== tile) continue;
    const key = `${drop.tile}/${drop.stock.width}/${drop.stock.height}`;
    const size = sizes.get(key) ?? { blanks: [], stock: drop.stock };
    sizes.set(key, size);
    for (const { wall, piece } of sawnPieces(walls, drop)) {
      size.blanks.push(blankOf(wall, piece, drop.stock.kerf));
    }
  }
  return [...sizes.values()];
}

/** The fewest tiles by an integer program over everything that one tile can hold. */
export function programFewest({ blanks, stock }: Cuts): number {
  const table = new KindTable(blanks, stock);
  const kinds = table.kinds.map(({ members }) => members.length);
  const contents: number[][] = [];
  const grow = (content: number[], from: number) => {
    contents.push(content);
    for (let k = from; k < kinds.length; k++) {
      const used = content.filter((other) => other === k).length;
      if (used < (kinds[k] ?? 0) && table.joins(content, k)) grow([...content, k], k);
    }
  };
  for (const k of kinds.keys()) grow([k], k);
  return fewestContents(kinds, contents);
}
