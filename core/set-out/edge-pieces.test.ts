import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project, Trim } from "../project/schema.ts";
import { codesOf, near, oneWall, planValid } from "../testing.ts";

const edge = (face: number): Trim => ({ kind: "bullnose", width: face, joint: 3 });

/** A wall of four courses of 300 with edge pieces at its left end, cut from its own tile. */
function cutFromTile(piece: number, face: number, settings: Project["settings"] = {}): Project {
  return oneWall({
    wall: { trim: { left: edge(face) } },
    settings: { bullnosePiece: piece, bullnoseFromTile: true, ...settings },
  });
}

const edgesOf = (project: Project) => planValid(project).trim.edges;

/*
 * 1212 high: 8 pieces of 152 with joints of 3. One edge of a 300 tile gives one of them, two edges
 * two; pieces of 148.5 and the kerf of 3 go twice into 300.
 */
test("each piece keeps a factory edge: two edges of a tile give pieces, the kerf between", () => {
  const [long] = edgesOf(cutFromTile(152, 50));
  assert.deepEqual([long?.pieces, long?.perTile, long?.tiles], [8, 2, 4]);
  const [short] = edgesOf(cutFromTile(148.5, 50));
  assert.deepEqual([short?.pieces, short?.perTile, short?.tiles], [8, 4, 2]);
  near(short?.waste, 1 - (8 * 148.5 * 50) / (2 * 300 * 300));
  const [wideKerf] = edgesOf(cutFromTile(148.5, 50, { kerf: 4 }));
  assert.equal(wideKerf?.perTile, 2);
});

test("two faces and the kerf must fit into the tile's depth, or one edge alone counts", () => {
  assert.equal(edgesOf(cutFromTile(148.5, 148.5))[0]?.perTile, 4);
  assert.equal(edgesOf(cutFromTile(148.5, 149))[0]?.perTile, 2);
});

test("a tile that is not square gives along the edges that give more", () => {
  const project = cutFromTile(148.5, 50);
  const [tile] = project.tiles;
  assert.ok(tile);
  // 600 × 150: three along each long edge, since four and their kerf are 603; one along the others.
  const oblong = { ...project, tiles: [{ ...tile, width: 600, height: 150 }] };
  assert.equal(edgesOf(oblong)[0]?.perTile, 6);
});

test("the order asks for tiles in place of bullnose, and says what is left over of them", () => {
  const { order } = planValid(cutFromTile(152, 50));
  const row = order.find(({ code }) => code === "edgeTile");
  assert.equal(row?.quantity, 4);
  assert.ok(row?.figure.terms.some(({ code, value }) => code === "edgePerTile" && value === 2));
  assert.equal(
    order.some(({ code }) => code === "bullnose"),
    false,
  );
  assert.deepEqual(edgesOf(cutFromTile(152, 50, { bullnoseFromTile: false })), []);
});

test("a piece longer than the tile is warned of with what to do instead", () => {
  assert.ok(codesOf(planValid(cutFromTile(400, 50))).includes("edge-piece-too-long"));
  assert.equal(codesOf(planValid(cutFromTile(300, 50))).includes("edge-piece-too-long"), false);
});
