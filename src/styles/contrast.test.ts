import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";

const css = readFileSync(new URL("./global.css", import.meta.url), "utf8");

/** The colours of a theme by their names: those of the parts, and those of the drawing. */
function coloursOf(theme: string): Map<string, string> {
  const own = theme === "plaster" ? ":root {" : `[data-theme="${theme}"] {`;
  const colours = css.split(own)[1]?.split("}")[0] ?? "";
  const found = colours.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g);
  return new Map([...found].map(([, name, value]) => [name as string, value as string]));
}

/** Relative luminance of a colour, as WCAG 2 defines it. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((p, q) => p - q) as [
    number,
    number,
  ];
  return (light + 0.05) / (dark + 0.05);
}

test("contrast by hand: black on white is 21, the same colour 1", () => {
  assert.equal(contrast("#000000", "#ffffff"), 21);
  assert.equal(contrast("#2456a6", "#2456a6"), 1);
  // 0x77 is a luminance of .1845: 1.05 / .2345.
  assert.ok(Math.abs(contrast("#777777", "#ffffff") - 4.478) < 0.005);
});

test("joints, lines, what is chosen and what will go wrong stand out three to one in every theme", () => {
  for (const theme of ["plaster", "lamp", "sunlight"]) {
    const colours = coloursOf(theme);
    const pairs = [
      ["joint-line", "tile"],
      ["joint-line", "tile-cut"],
      ["chalk", "tile"],
      ["crayon", "tile"],
      ["color-primary", "color-base-100"],
      ["color-primary", "color-base-200"],
      ["color-error", "color-base-100"],
      ["color-neutral-content", "color-neutral"],
    ] as const;
    for (const [one, other] of pairs) {
      const [p, q] = [colours.get(one), colours.get(other)];
      assert.ok(p && q, `${theme}: ${one}, ${other}`);
      const ratio = contrast(p, q);
      assert.ok(ratio >= 3, `${theme}: ${one} on ${other} is ${ratio.toFixed(2)}`);
    }
  }
});
