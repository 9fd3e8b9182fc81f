import { createContext, useContext } from "react";
import type { Project, TILE_SURFACES } from "../../core/project/schema.ts";

export type TileSurface = (typeof TILE_SURFACES)[number];

/** How a tile is drawn: a colour of its own if it has one, and what its face has on it. */
export interface TileLook {
  id: string;
  colour: string | undefined;
  surface: TileSurface;
}

/** How the tiles and the joints of a job are drawn. */
export interface JobLook {
  field: TileLook;
  /** By the id of a band or panel. */
  zones: Record<string, TileLook>;
  grout: string | undefined;
}

const PLAIN: TileLook = { id: "", colour: undefined, surface: "plain" };

/** Tiles as the theme, or the paper, has them. */
export const PLAIN_LOOK: JobLook = { field: PLAIN, zones: {}, grout: undefined };

/** How the tiles of the job look that is drawn. */
export const JobLookContext = createContext(PLAIN_LOOK);

export function useJobLook(): JobLook {
  return useContext(JobLookContext);
}

/** The looks of a job's tiles. */
export function lookOf({ tiles, field, zones = [] }: Project): JobLook {
  const look = (of: string): TileLook => {
    const tile = tiles.find(({ id }) => id === of);
    return tile ? { id: tile.id, colour: tile.colour, surface: tile.surface ?? "plain" } : PLAIN;
  };
  return {
    field: look(field.tile),
    zones: Object.fromEntries(zones.map(({ id, tile }) => [id, look(tile)])),
    grout: field.groutColour,
  };
}

/**
 * What a tile is filled with: its pattern, its colour, or what the theme has for one. While it is
 * dragged its colour alone: a pattern painted anew with each move costs every second frame.
 */
export function fillOf(
  { id, colour, surface }: TileLook,
  otherwise: string,
  dragged = false,
): string {
  return surface === "plain" || dragged ? (colour ?? otherwise) : `url(#${patternId(id)})`;
}

/** The name of a tile's pattern in the drawing. */
export function patternId(tile: string): string {
  return `look-${tile.replace(/[^\w-]/g, "_")}`;
}

/** The least contrast of a joint against its tile (WCAG 1.4.11). */
const LEAST_CONTRAST = 3;

/** Lines that can be seen on any tile, darker and lighter. */
const [DARK_LINE, LIGHT_LINE] = ["#23282d", "#f4efe6"];

/** Steps from a grout's colour to a line that can be seen. */
const STEPS = 20;

/**
 * The line of a joint on a tile of a colour: the grout's own where it can be told from the tile,
 * else as near to it as can. Undefined where the tile has no colour of its own: the theme has its
 * line.
 */
export function jointLineOn(
  tile: string | undefined,
  grout: string | undefined,
): string | undefined {
  if (!tile) return undefined;
  const end = contrast(tile, DARK_LINE) >= contrast(tile, LIGHT_LINE) ? DARK_LINE : LIGHT_LINE;
  for (let step = 0; step < STEPS; step++) {
    const line = mix(grout ?? tile, end, step / STEPS);
    if (contrast(tile, line) >= LEAST_CONTRAST) return line;
  }
  return end;
}

/** A share of the way from one colour to another. */
function mix(from: string, to: string, share: number): string {
  const parts = channels(from).map((part, k) => {
    const mixed = Math.round(part + ((channels(to)[k] ?? part) - part) * share);
    return mixed.toString(16).padStart(2, "0");
  });
  return `#${parts.join("")}`;
}

function channels(colour: string): number[] {
  return [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16));
}

/** How much two colours differ in lightness, 1 to 21 (WCAG 2). */
export function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((p, q) => p - q) as [
    number,
    number,
  ];
  return (light + 0.05) / (dark + 0.05);
}

function luminance(colour: string): number {
  const [r, g, b] = channels(colour).map((channel) => {
    const share = channel / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
