import { TileState, tileIndex } from "../set-out/lattice.ts";
import type { LaidArea } from "./laid-area.ts";

/** The tiles of an area by their place in the lattice, made again from its runs and pieces. */
export function laidGrid({ cell, origin, runs, pieces }: LaidArea) {
  const [rows, columns] = [span(), span()];
  for (const { i, j } of pieces) {
    reach(columns, i);
    reach(rows, j);
  }
  for (let k = 0; k < runs.length; k += 4) {
    reach(rows, runs[k + 1] as number);
    reach(columns, runs[k + 2] as number);
    reach(columns, runs[k + 3] as number);
  }
  const [i0, j0] = [columns.from, rows.from];
  const [ni, nj] = [Math.max(0, columns.to - i0 + 1), Math.max(0, rows.to - j0 + 1)];
  const grid = { cell, origin, i0, j0, ni, nj };
  const state = new Uint8Array(ni * nj * cell.shapes.length);
  for (let k = 0; k < runs.length; k += 4) {
    const [shape = 0, j = 0, from = 0, to = 0] = runs.subarray(k, k + 4);
    const first = tileIndex(grid, shape, from, j);
    state.fill(TileState.whole, first, first + to - from + 1);
  }
  for (const { shape, i, j } of pieces) state[tileIndex(grid, shape, i, j)] = TileState.cut;
  return { ...grid, state };
}

interface Span {
  from: number;
  to: number;
}

function span(): Span {
  return { from: Infinity, to: -Infinity };
}

function reach(own: Span, at: number): void {
  own.from = Math.min(own.from, at);
  own.to = Math.max(own.to, at);
}
