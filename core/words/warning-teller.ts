import { finerFor } from "../length/finer.ts";
import { formatJoint, formatLength } from "../length/format.ts";
import type { LengthStyle } from "../length/units.ts";
import type { ValuesOf, WarningCode } from "../warning.ts";
import type { Say, SayOf, TellWarning } from "./say.ts";

/** What is held against a limit. */
const AGAINST_LIMIT = ["size", "bed", "joint", "width", "thickness", "distance"];

/**
 * How a warning's lengths are told: to the tape's mark, but so finely that nothing reads as equal to
 * the limit that it fails.
 */
function lengthIn(values: Record<string, number>, style: LengthStyle): (mm: number) => string {
  const { limit } = values;
  const ways = [
    (mm: number) => formatLength(mm, finerFor(mm, style)),
    (mm: number) => formatLength(mm, { ...style, mark: 32 }),
  ];
  const exactly = (mm: number) => formatJoint(mm, style);
  const mark = (told: string) => told.replace(/[+−](?= |$)/, "");
  const isApart = (tell: (mm: number) => string) =>
    limit === undefined ||
    AGAINST_LIMIT.every((name) => {
      const value = values[name];
      return value === undefined || value === limit || mark(tell(value)) !== mark(tell(limit));
    });
  return ways.find(isApart) ?? exactly;
}

/**
 * Tells warnings in a language's sentences and the reader's unit. `sides` says where something is
 * when nothing there has a name.
 */
export function warningTeller(
  sentences: SayOf<WarningCode>,
  sides: Record<string, string>,
): TellWarning {
  return (warning, style, names = {}) => {
    const length = lengthIn(warning.values, style);
    const item = names.item ?? sides[warning.side ?? ""] ?? warning.item ?? "";
    // That the figures go with their code the compiler sees only of one code at a time.
    const say = sentences[warning.code] as unknown as Say<WarningCode>;
    return say(warning.values as unknown as ValuesOf<WarningCode>, length, {
      wall: names.wall ?? warning.wall ?? "",
      item,
    });
  };
}
