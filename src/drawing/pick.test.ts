import assert from "node:assert/strict";
import { test } from "node:test";
import type { CutPiece } from "../../core/cut/pieces.ts";
import { rectangle } from "../../core/geometry/polygon.ts";
import { cutAt } from "./pick.ts";

const piece = (id: string, kind: string, x: number, width: number) =>
  ({ id, kind, ring: rectangle(x, 0, width, 300) }) as unknown as CutPiece;

test("a thumb beside a strip takes it, unless another cut lies under it or nearer", () => {
  const pieces = [
    piece("strip", "straight", 0, 12),
    piece("whole", "none", 15, 300),
    piece("wide", "straight", 318, 200),
  ];
  const at = (x: number, y = 100, reach = 40) => cutAt(pieces, [x, y], reach)?.id;
  assert.equal(at(6), "strip");
  assert.equal(at(40), "strip");
  assert.equal(at(60), undefined, "out of reach");
  assert.equal(at(300), "wide");
  assert.equal(at(400), "wide");
  assert.equal(at(-30), "strip");
  assert.equal(at(6, 330), "strip");
  assert.equal(at(6, 350), undefined);
});
