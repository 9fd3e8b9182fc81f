import { Printer, Search } from "lucide-react";
import { memo, useDeferredValue, useEffect, useMemo, useState } from "react";
import type { LengthStyle } from "../../core/length/units.ts";
import { type LogLine, logStream } from "../../core/log/stream.ts";
import { Choice } from "../fields/Choice.tsx";
import { useJobStyle } from "../fields/context.ts";
import { usePhotoAddress } from "../panel/usePhotoAddress.ts";
import { formatDay, formatTime, formatWhen, ui } from "../words/ui.ts";
import { EntryFields } from "./EntryFields.tsx";
import { LogTable } from "./LogTable.tsx";
import { lineText, type Told } from "./line-text.ts";
import type { LogProps } from "./log-props.ts";
import { QuickEntry } from "./QuickEntry.tsx";
import { LogSearch } from "./search.ts";

/** So many lines are shown at first, and more at a time. */
const SHOWN = 50;

/** How many entries there are, or why none. */
function foundWords(count: number, isFiltered: boolean): string {
  if (count > 0) return ui.log.found(count);
  return isFiltered ? ui.log.noneFound : ui.log.nothing;
}

/** Everything that happened, the newest day first; searched, and shown by kind or wall. */
export function LogStream({ project, plan }: LogProps) {
  const style = useJobStyle();
  const [opened, setOpened] = useState<string>();
  const { lines, told, ...filter } = useFound({ project, plan, style });
  const [shown, setShown] = useState(SHOWN);
  const days = byDay(lines.slice(0, shown));
  return (
    <>
      <QuickEntry project={project} order={plan.order} onAdded={setOpened} />
      <div className="no-print mt-4 flex flex-wrap items-end gap-2">
        <Filters project={project} {...filter} />
      </div>
      <p className="print-only hidden text-sm">{ui.paper.given(formatWhen(Date.now()))}</p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <p className="mr-auto text-sm opacity-80" data-log-found={lines.length}>
          {foundWords(lines.length, filter.isFiltered)}
        </p>
        <div className="no-print flex flex-wrap gap-2">
          <LogTable project={project} lines={lines} told={told} />
          <button type="button" className="btn btn-sm quiet-button" onClick={() => print()}>
            <Printer size={16} aria-hidden="true" /> {ui.log.print}
          </button>
        </div>
      </div>
      {days.map(({ day, lines: own }) => (
        <section key={day} aria-label={day}>
          <h2 className="section-title mt-3">{day}</h2>
          <ol>
            {own.map((line) => (
              <Line
                key={line.id}
                line={line}
                told={told}
                opened={line.id === opened}
                onOpen={setOpened}
              />
            ))}
          </ol>
        </section>
      ))}
      {lines.length > shown && (
        <button type="button" className="btn mt-3 w-full" onClick={() => setShown(shown + SHOWN)}>
          {ui.log.more(Math.min(SHOWN, lines.length - shown))}
        </button>
      )}
    </>
  );
}

type Source = keyof typeof ui.log.sources | keyof typeof ui.log.kinds | "";

interface Filter {
  text: string;
  setText: (text: string) => void;
  source: Source;
  setSource: (source: Source) => void;
  wall: string;
  setWall: (wall: string) => void;
  isFiltered: boolean;
}

/** The lines that are asked for. What is searched follows the typing when there is time. */
function useFound({ project, plan, style }: LogProps & { style: LengthStyle }) {
  const [text, setText] = useState("");
  const [source, setSource] = useState<Source>("");
  const [wall, setWall] = useState("");
  const sought = useDeferredValue(text);
  const { rows } = plan.set;
  const all = useMemo(() => logStream(project, rows), [project, rows]);
  const told: Told = useMemo(
    () => ({ project, order: plan.order, style }),
    [project, plan.order, style],
  );
  // What was said of other lines, or in other words, is no longer true.
  const search = useMemo(() => new LogSearch(all, told), [all, told]);
  useEffect(() => search.prepare(), [search]);
  const lines = useMemo(
    () =>
      search.find(
        sought,
        (line) => (wall === "" || line.wall === wall) && (source === "" || isFrom(line, source)),
      ),
    [search, sought, source, wall],
  );
  const isFiltered = sought !== "" || source !== "" || wall !== "";
  return { lines, told, text, setText, source, setSource, wall, setWall, isFiltered };
}

function isFrom({ news }: LogLine, source: Source): boolean {
  return news.of === source || (news.of === "entry" && news.entry.kind === source);
}

function Filters({
  project,
  text,
  setText,
  source,
  setSource,
  wall,
  setWall,
}: Pick<LogProps, "project"> & Filter) {
  const { kinds, sources } = ui.log;
  const { entry: _, ...others } = sources;
  return (
    <>
      <label className="min-w-44 flex-2 max-md:basis-full">
        <span className="field-label">{ui.log.search}</span>
        <span className="input input-sm w-full bg-base-100">
          <Search size={16} aria-hidden="true" />
          <input
            type="search"
            name="log-search"
            value={text}
            placeholder={ui.log.searchHint}
            onChange={(event) => setText(event.target.value)}
          />
        </span>
      </label>
      <Choice
        label={ui.log.only}
        value={source}
        options={[
          ["", ui.log.everything],
          ...(Object.entries({ ...kinds, ...others }) as [Source, string][]),
        ]}
        onChange={setSource}
      />
      <Choice
        label={ui.log.wall}
        value={wall}
        options={[
          ["", ui.log.allWalls],
          ...project.walls.map(({ id, name }): [string, string] => [id, name]),
        ]}
        onChange={setWall}
      />
    </>
  );
}

interface Day {
  day: string;
  lines: LogLine[];
}

function byDay(lines: LogLine[]): Day[] {
  const days: Day[] = [];
  for (const line of lines) {
    const day = line.at === undefined ? ui.log.undated : formatDay(line.at);
    const last = days.at(-1);
    if (last?.day === day) last.lines.push(line);
    else days.push({ day, lines: [line] });
  }
  return days;
}

interface LineProps {
  line: LogLine;
  told: Told;
  opened: boolean;
  /** Another one is opened, or none. */
  onOpen: (id: string | undefined) => void;
}

/** A line; one that was typed opens to its fields. */
const Line = memo(function Line({ line, told, opened, onOpen }: LineProps) {
  const { source, what, more } = lineText(line, told);
  const wall = told.project.walls.find(({ id }) => id === line.wall)?.name;
  const { news } = line;
  const text = (
    <>
      <span className="w-17 shrink-0 text-sm whitespace-nowrap opacity-80">
        {line.at === undefined ? "" : formatTime(line.at)}
      </span>
      <span className="w-20 shrink-0 text-sm font-semibold">{source}</span>
      <span className="min-w-0 flex-1 break-words">
        {what}
        {wall && <span className="opacity-80"> · {wall}</span>}
        {more && <span className="block text-sm opacity-80">{more}</span>}
      </span>
    </>
  );
  const look = "flex w-full items-baseline gap-2 py-1.5 text-left";
  return (
    <li className="border-b border-base-300/60" data-log-line={news.of}>
      {news.of === "entry" ? (
        <button
          type="button"
          className={`${look} min-h-11 cursor-pointer hover:bg-base-100`}
          aria-expanded={opened}
          onClick={() => onOpen(opened ? undefined : line.id)}
        >
          {text}
        </button>
      ) : (
        <div className={look}>{text}</div>
      )}
      {line.photos.length > 0 && !opened && <LinePhotos ids={line.photos} what={what} />}
      {opened && news.of === "entry" && (
        <EntryFields project={told.project} order={told.order} entry={news.entry} />
      )}
    </li>
  );
});

function LinePhotos({ ids, what }: { ids: string[]; what: string }) {
  return (
    <ul className="flex flex-wrap gap-1.5 pb-2 pl-14">
      {ids.map((id, k) => (
        <li key={id}>
          <Thumb id={id} label={ui.record.photo(k + 1, what)} />
        </li>
      ))}
    </ul>
  );
}

function Thumb({ id, label }: { id: string; label: string }) {
  const address = usePhotoAddress(id);
  if (address === null) return <span className="text-xs">{ui.record.missingPhoto}</span>;
  return address ? (
    <img src={address} alt={label} loading="lazy" className="h-16 border border-base-300" />
  ) : null;
}
