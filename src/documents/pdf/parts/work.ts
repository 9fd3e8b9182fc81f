import { careNotes } from "../../../../core/hand-over/care.ts";
import { showerFrom } from "../../../../core/hand-over/first-shower.ts";
import { formatAmount } from "../../../../core/length/quantity.ts";
import { logStream } from "../../../../core/log/stream.ts";
import { jobOf } from "../../../../core/project/job.ts";
import { words } from "../../../../core/words/spoken.ts";
import { taskName } from "../../../../core/words/task-name.ts";
import { powderShown } from "../../../words/powder.ts";
import { rowName } from "../../../words/row-name.ts";
import { formatWhen, readerLocale, ui } from "../../../words/ui.ts";
import type { Given } from "../given.ts";

/** The sessions, the rows in their order, and each mix with powder and water. */
export function set({ paper, project, plan, style }: Given): void {
  paper.page(ui.documents.parts.set);
  const { facts } = ui.set;
  if (plan.set.sessions.length === 0) {
    paper.text(ui.documents.noPart);
    return;
  }
  for (const session of plan.set.sessions) {
    paper.heading(ui.set.session(session.n));
    paper.facts([
      [facts.pieces, String(session.pieces)],
      [facts.time, ui.set.hours(session.minutes)],
      [facts.powder, formatAmount(session.powderKg, "kg", style)],
      [facts.clips, String(session.clips)],
      [facts.spacers, String(session.spacers)],
    ]);
    paper.table(
      [
        { head: facts.mixes, wide: 1 },
        { head: ui.documents.tile, wide: 3 },
        { head: ui.grout.powder, wide: 2, right: true },
        { head: ui.grout.water, wide: 2, right: true },
      ],
      session.mixes.map(({ tile, powderKg, waterL }, k) => [
        String(k + 1),
        project.tiles.find(({ id }) => id === tile)?.name ?? tile,
        formatAmount(powderKg, "kg", style),
        formatAmount(waterL, "L", style),
      ]),
    );
    paper.table(
      [
        { head: ui.set.next, wide: 3 },
        { head: facts.pieces, wide: 2 },
        { head: facts.time, wide: 1, right: true },
        { head: "", wide: 0.5 },
      ],
      plan.set.rows
        .filter((row) => row.session === session.n)
        .map((row) => [
          rowName(project, row),
          ui.set.pieces(row.pieces, row.cuts),
          ui.set.hours(row.minutes),
          "[  ]",
        ]),
    );
  }
  for (const line of ui.set.lessons) paper.text(line, { small: true });
  paper.text(ui.set.caution, { small: true });
}

/** Each part that is grouted at once, with powder, water and minutes; soft joints. */
export function grout({ paper, plan, style }: Given): void {
  paper.page(ui.documents.parts.grout);
  if (plan.grout.mixes.length === 0) {
    paper.text(ui.documents.noPart);
    return;
  }
  const nameOf = (id: string) => plan.walls.find((wall) => wall.id === id)?.name ?? id;
  paper.table(
    [
      { head: ui.documents.wall, wide: 2 },
      { head: ui.grout.mixes, wide: 1 },
      { head: ui.grout.area, wide: 1.4, right: true },
      { head: ui.grout.powder, wide: 1.4, right: true },
      { head: ui.grout.water, wide: 1.4, right: true },
      { head: "min", wide: 1.2, right: true },
    ],
    plan.grout.mixes.map((mix) => [
      nameOf(mix.wall),
      ui.grout.mix(mix.n),
      formatAmount(mix.areaM2, "m2", style),
      powderShown(mix.powderKg, style.unit),
      powderShown(mix.waterL, style.unit),
      `${Math.round(mix.spreadMin)} + ${Math.round(mix.washMin)}`,
    ]),
  );
  paper.heading(ui.grout.softJoints);
  paper.table(
    [
      { head: ui.documents.wall, wide: 2 },
      { head: ui.grout.softJoints, wide: 3 },
      { head: ui.figure.amount, wide: 1.5, right: true },
      { head: ui.grout.school, wide: 2 },
    ],
    plan.grout.softJoints.map(({ wall, kind, of, lengthM, grouted }) => [
      nameOf(wall),
      `${ui.grout.softKinds[kind]}${of ? ` ${of}` : ""}`,
      formatAmount(lengthM, "m", style),
      grouted ? ui.grout.grouted : ui.grout.sealed,
    ]),
  );
  paper.heading(ui.grout.gate);
  for (const line of Object.values(ui.grout.gates)) paper.text(`[  ] ${line}`);
  paper.text(ui.grout.caution, { small: true });
}

/** Everything to buy, with prices where they are known. */
export function order({ paper, project, plan, style }: Given): void {
  paper.page(ui.documents.parts.order);
  const money = (amount: number | undefined) => (amount === undefined ? "" : amount.toFixed(2));
  paper.table(
    [
      { head: ui.order.item, wide: 3 },
      { head: ui.order.quantity, wide: 1.5, right: true },
      { head: ui.order.pack, wide: 1.5, right: true },
      { head: ui.order.packs, wide: 1, right: true },
      { head: ui.order.cost, wide: 1.2, right: true },
    ],
    plan.order.map((row) => [
      [words.orderItems[row.code], project.tiles.find(({ id }) => id === row.of)?.name]
        .filter(Boolean)
        .join(" · "),
      formatAmount(row.quantity, row.unit, style),
      formatAmount(row.packSize, row.unit, style),
      String(row.packs),
      money(row.cost),
    ]),
  );
  if (plan.cost.quote > 0) {
    const { quote } = ui.order;
    paper.facts([
      [quote.materials, money(plan.cost.materials)],
      [quote.labour(Math.round(plan.cost.hours * 10) / 10), money(plan.cost.labour)],
      [quote.taxed, money(plan.cost.tax)],
      [quote.sum, money(plan.cost.quote)],
    ]);
  }
  paper.text(ui.order.lot);
  paper.text(ui.order.caution, { small: true });
}

/** The work by the calendar. */
export function days({ paper, project, plan }: Given): void {
  paper.page(ui.documents.parts.days);
  const own = plan.days;
  if (!own || own.impossible) {
    paper.text(ui.documents.noDays);
    return;
  }
  const when = (ms: number) =>
    new Date(ms).toLocaleString(readerLocale(), {
      timeZone: own.zone,
      ...{ weekday: "short", day: "numeric", month: "short" },
      ...{ hour: "numeric", minute: "2-digit" },
    });
  paper.text(ui.days.done(when(own.end)), { bold: true });
  paper.table(
    [
      { head: ui.days.task, wide: 3 },
      { head: ui.days.starts, wide: 2 },
      { head: ui.days.ends, wide: 2 },
      { head: ui.days.work, wide: 1, right: true },
      { head: ui.days.key.wait, wide: 1, right: true },
    ],
    own.tasks.map((task) => [
      `${taskName(project, task)}${task.critical ? " *" : ""}`,
      when(task.start),
      when(task.end),
      task.minutes > 0 ? ui.set.hours(task.minutes) : "",
      task.waitH > 0 ? `${Math.round(task.waitH * 10) / 10} h` : "",
    ]),
  );
  paper.text(`* ${ui.days.critical}`, { small: true });
  paper.text(ui.documents.datePromise);
}

/** What was there before, what was decided, and what was noted since. */
export function record({ paper, project, plan }: Given): void {
  paper.page(ui.documents.parts.record);
  const found = project.record ?? [];
  const nameOf = (id: string | undefined) =>
    project.walls.find((wall) => wall.id === id)?.name ?? "";
  paper.heading(ui.record.title);
  if (found.length === 0) paper.text(ui.record.empty);
  else {
    paper.table(
      [
        { head: ui.documents.number, wide: 0.6 },
        { head: ui.record.words, wide: 4 },
        { head: ui.record.wall, wide: 1.5 },
        { head: ui.record.toldWho, wide: 1.5 },
      ],
      found.map(({ words: said, wall, toldWho }, k) => [
        String(k + 1),
        said,
        nameOf(wall),
        toldWho ?? "",
      ]),
    );
  }
  const lines = logStream(project, plan.set.rows).filter(({ news }) => news.of !== "found");
  if (lines.length > 0) {
    paper.heading(ui.log.title);
    paper.table(
      [
        { head: ui.log.when, wide: 2 },
        { head: ui.log.only, wide: 1.5 },
        { head: ui.log.words, wide: 4 },
        { head: ui.log.wall, wide: 1.5 },
      ],
      lines.map((line) => [
        line.at === undefined ? "" : formatWhen(line.at),
        line.news.of === "entry"
          ? ui.log.kinds[line.news.entry.kind]
          : ui.log.sources[line.news.of],
        line.news.of === "entry"
          ? [line.news.entry.words, line.who].filter(Boolean).join(" · ")
          : (line.who ?? ""),
        nameOf(line.wall),
      ]),
    );
  }
  paper.text(ui.record.caution, { small: true });
}

/** When the shower may run, snags, care, what is left over, warranty and who signed. */
export function handOver({ paper, project, plan }: Given): void {
  paper.page(ui.documents.parts["hand-over"]);
  const { snags = [], left = [], warranty, signatures = [] } = project.handOver ?? {};
  const from = showerFrom(plan.shower, plan.grout.mixes.length, project.work);
  paper.text(
    `${ui.handOver.shower}: ${
      from === undefined
        ? ui.handOver.after(plan.shower.afterH)
        : ui.handOver.from(formatWhen(from))
    }`,
    { bold: true },
  );
  if (snags.length > 0) {
    paper.heading(ui.handOver.snags);
    paper.table(
      [
        { head: ui.documents.number, wide: 0.6 },
        { head: ui.handOver.what, wide: 4 },
        { head: ui.handOver.who, wide: 1.5 },
        { head: ui.handOver.due, wide: 1.2 },
        { head: ui.handOver.done, wide: 1 },
      ],
      snags.map(({ words: said, who = "", due = "", done }, k) => [
        String(k + 1),
        said,
        who,
        due,
        done ? "x" : "",
      ]),
    );
  }
  if (left.length > 0) {
    paper.heading(ui.handOver.leftOver);
    paper.table(
      [
        { head: ui.handOver.leftWhat, wide: 3 },
        { head: ui.handOver.leftAmount, wide: 1 },
        { head: ui.handOver.lot, wide: 1.5 },
        { head: ui.handOver.where, wide: 2 },
      ],
      left.map(({ what, amount = "", lot = "", where = "" }) => [what, amount, lot, where]),
    );
  }
  paper.heading(ui.handOver.care);
  for (const note of careNotes(jobOf(project), { sealerL: plan.grout.sealer.value })) {
    paper.text(ui.handOver.careNotes[note]);
  }
  if (warranty) {
    paper.heading(ui.handOver.warranty);
    paper.text([warranty.until, warranty.by, warranty.words].filter(Boolean).join(" · "));
  }
  paper.heading(ui.handOver.signatures);
  if (signatures.length === 0) paper.text("______________________      ______________________");
  for (const { role, name, at, strokes } of signatures) {
    paper.text(
      `${ui.handOver.signed(ui.handOver.roles[role], name)} · ${formatWhen(Date.parse(at))}`,
    );
    if (strokes.length === 0) continue;
    paper.drawing(20, ui.handOver.signed(ui.handOver.roles[role], name), (doc) => {
      doc.lineWidth(0.5).strokeColor("black").lineCap("round");
      for (const [first, ...rest] of strokes) {
        if (!first) continue;
        doc.moveTo(first[0] * 60, first[1] * 20);
        for (const [x, y] of rest) doc.lineTo(x * 60, y * 20);
        doc.stroke();
      }
    });
  }
  paper.text(ui.handOver.caution, { small: true });
}
