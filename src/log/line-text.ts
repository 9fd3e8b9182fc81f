import { formatLength } from "../../core/length/format.ts";
import { formatAmount } from "../../core/length/quantity.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import type { LogLine } from "../../core/log/stream.ts";
import type { OrderRow } from "../../core/order/row.ts";
import type { LogEntry, Mix, Project } from "../../core/project/schema.ts";
import { isCalled } from "../../core/words/item-name.ts";
import { words } from "../../core/words/spoken.ts";
import { checkName } from "../words/check-name.ts";
import { powderShown } from "../words/powder.ts";
import { ui } from "../words/ui.ts";

/** What lines are told with. */
export interface Told {
  project: Project;
  order: OrderRow[];
  style: LengthStyle;
}

/** What a line of the log says, and what more there is to it. */
export interface LineText {
  /** Where it comes from, in a word. */
  source: string;
  what: string;
  more: string;
}

/** A line of the log in words. */
export function lineText({ news, who }: LogLine, told: Told): LineText {
  if (news.of === "entry") return entryText(news.entry, told);
  const text = newsText(news, told);
  return { source: ui.log.sources[news.of], ...text, more: joined([text.more, who]) };
}

function joined(parts: (string | undefined)[]): string {
  return parts.filter(Boolean).join(" · ");
}

type Text = Omit<LineText, "source">;

function newsText(news: Exclude<LogLine["news"], { of: "entry" }>, told: Told): Text {
  const { line } = ui.log;
  const { project, style } = told;
  switch (news.of) {
    case "coat": {
      const { coat, litres, tempC, humidity } = news.coat;
      const amount = litres === undefined ? "" : `, ${formatAmount(litres, "L", style)}`;
      return { what: line.coat(coat, amount), more: line.air(tempC, humidity) };
    }
    case "gauge":
      return {
        what: line.gauge(news.gauge.coat, formatAmount(news.gauge.wft, "film", style)),
        more: "",
      };
    case "hole":
      return { what: line.hole(news.hole.words, news.hole.patched), more: "" };
    case "gate": {
      const { id, state, reason = "" } = news.gate;
      const check = ui.waterproof.gates[id] ?? id;
      return { what: state === "waived" ? line.waived(check, reason) : check, more: "" };
    }
    case "rows":
      return { what: line.courses(stretches(news.courses), news.rows), more: "" };
    case "mix":
      return mixText(news.mix, told);
    case "washed":
      return { what: line.washed(news.mix.for), more: "" };
    case "coverage": {
      const { share, note } = news.check;
      return { what: line.coverage(Math.round(share * 100)), more: note ?? "" };
    }
    case "lippage":
      return { what: line.lippage(formatAmount(news.edge.mm, "film", style)), more: "" };
    case "support":
      return {
        what: line.support(ui.set.supportKinds[news.support.kind], news.out),
        more: news.support.what ?? "",
      };
    case "decision": {
      const { check, choice, words: why } = news.decision;
      const name = checkName(project, check);
      return { what: line.decision(name, ui.measure.decided[choice]), more: why ?? "" };
    }
    case "found":
      return { what: news.found.words, more: "" };
    case "snag":
      return { what: news.snag.words, more: "" };
  }
}

function mixText(mix: Mix, { project, style }: Told): Text {
  const { line } = ui.log;
  const tile = project.tiles.find(({ id }) => id === mix.for)?.name;
  const what = mix.kind === "grout" ? `${line.grout} ${mix.for}` : `${line.mortar}, ${tile ?? ""}`;
  const [powder, water] = [mix.powderKg, mix.waterL].map((own) => powderShown(own, style.unit));
  const { leftKg = 0 } = mix;
  return {
    what: line.mix(what.replace(/, $/, ""), powder as string, water as string),
    more: [mix.lot ?? "", leftKg > 0 ? line.left(powderShown(leftKg, style.unit)) : ""]
      .filter(Boolean)
      .join(" · "),
  };
}

/** Course numbers as they are said: 1–4, 7. */
function stretches(courses: number[]): string {
  const sorted = [...new Set(courses)].sort((p, q) => p - q);
  const runs: [number, number][] = [];
  for (const course of sorted) {
    const last = runs.at(-1);
    if (last && course === last[1] + 1) last[1] = course;
    else runs.push([course, course]);
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(", ");
}

function entryText(entry: LogEntry, told: Told): LineText {
  const { line } = ui.log;
  const { project, style } = told;
  const { kind, who, lot, words: said = "" } = entry;
  const source = ui.log.kinds[kind];
  const more = joined([said, kind === "told" ? "" : who, lot]);
  switch (kind) {
    case "hours": {
      const work = taskWord(entry.task ?? "");
      return { source, what: line.hours(work, ui.set.hours(entry.minutes ?? 0)), more };
    }
    case "used": {
      const row = orderLine(told.order, entry);
      const material = row ? words.orderItems[row.code] : (entry.item ?? "");
      const tile = project.tiles.find(({ id }) => id === entry.tile)?.name;
      const amount = formatAmount(entry.amount ?? 0, row?.unit ?? "count", style);
      return { source, what: line.used(joined([material, tile]), amount), more };
    }
    case "broken": {
      const tile = project.tiles.find(({ id }) => id === entry.tile)?.name ?? "";
      return { source, what: line.broken(tile, entry.count ?? 1), more };
    }
    case "told":
      return { source, what: who ?? "", more };
    default:
      return { source, what: said, more: joined([who, lot]) };
  }
}

/** The line of the order that something used belongs to, by its code or its name. */
export function orderLine<R extends Pick<OrderRow, "code" | "of">>(
  order: R[],
  { item = "", tile }: Pick<LogEntry, "item" | "tile">,
): R | undefined {
  return order.find(({ code, of }) => (tile === undefined || tile === of) && isCalled(code, item));
}

/** What a kind of work is called. */
export function taskWord(task: string): string {
  return (ui.order.quote.tasks as Record<string, string>)[task] ?? task;
}

/** A length of a place as the log tells it. */
export function placeWords({ x, level }: LogEntry, style: LengthStyle): string {
  return x === undefined ? "" : `${formatLength(x, style)} / ${formatLength(level ?? 0, style)}`;
}
