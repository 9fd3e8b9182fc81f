import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall } from "../../core/testing.ts";
import { contrast, fillOf, jointLineOn, lookOf } from "./tile-look.ts";

test("contrast is that of WCAG: black on white 21, a colour on itself 1", () => {
  assert.equal(contrast("#000000", "#ffffff"), 21);
  assert.equal(contrast("#ffffff", "#000000"), 21);
  assert.equal(contrast("#2456a6", "#2456a6"), 1);
  // By hand: mid grey 119 is a luminance of 0.184, so 1.05 / 0.234.
  assert.ok(Math.abs(contrast("#777777", "#ffffff") - 4.48) < 0.01);
});

test("a joint is told from its tile whatever both colours are", () => {
  for (const tile of ["#ffffff", "#000000", "#7f7f7f", "#b8371f", "#39444c", "#e9d9a4"]) {
    for (const grout of [undefined, "#ffffff", "#777777", tile]) {
      assert.ok(contrast(tile, jointLineOn(tile, grout) ?? "") >= 3, `${tile} ${grout}`);
    }
  }
  assert.equal(jointLineOn("#ffffff", "#444444"), "#444444");
  assert.equal(jointLineOn(undefined, "#444444"), undefined);
});

test("each tile has its own look, and one without any that of the theme", () => {
  const project = oneWall();
  const [tile] = project.tiles;
  assert.ok(tile);
  const band = { ...tile, id: "accent", colour: "#aa3322", surface: "veined" as const };
  const zone = {
    id: "band",
    kind: "band" as const,
    tile: "accent",
    pattern: "stacked" as const,
    lay: "lying" as const,
    joint: 3,
    bottom: 500,
    height: 100,
  };
  const look = lookOf({ ...project, tiles: [tile, band], zones: [zone] });
  assert.equal(fillOf(look.field, "var(--tile)"), "var(--tile)");
  assert.equal(fillOf({ ...look.field, colour: "#eeeeee" }, "var(--tile)"), "#eeeeee");
  assert.equal(fillOf(look.zones.band ?? look.field, "var(--tile)"), "url(#look-accent)");
  assert.equal(fillOf(look.zones.band ?? look.field, "var(--tile)", true), "#aa3322");
});
