import type { PoleMark } from "../../core/pole/story-pole.ts";
import { ui } from "./ui.ts";

/** What a mark says: its course, zone or opening. */
export function markName({ code, number, of }: PoleMark): string {
  const name = ui.pole.marks[code];
  return [name, number, of].filter((part) => part !== undefined).join(" ");
}
