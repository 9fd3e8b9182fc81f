import { Printer } from "lucide-react";
import { useState } from "react";
import type { Plan } from "../../core/plan.ts";
import { setProtected } from "../../core/project/commands.ts";
import { addItem, editItem } from "../../core/project/items.ts";
import type { Project } from "../../core/project/schema.ts";
import { AddButton } from "../panel/AddButton.tsx";
import { Tick } from "../panel/PanelParts.tsx";
import { PlaceOnWalls } from "../panel/PlaceOnWalls.tsx";
import { dispatch } from "../state/job-store.ts";
import { checkName } from "../words/check-name.ts";
import { readerLocale, ui } from "../words/ui.ts";
import { EntryCard } from "./EntryCard.tsx";

const place = { list: "record" as const };

/** What was there before: found, placed, photographed, told; a page that both can sign. */
export default function RecordPage({ project, plan }: { project: Project; plan: Plan }) {
  const entries = project.record ?? [];
  const [marked, setMarked] = useState(entries[0]?.id);
  const add = () => {
    const id = crypto.randomUUID();
    setMarked(id);
    dispatch(addItem(place, { id, words: "", photos: [] }));
  };
  return (
    <div className="mx-auto max-w-4xl p-4 md:p-8 print:p-0">
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <h1 className="mr-auto text-2xl font-bold">
          {ui.record.title} · {project.name}
        </h1>
        <button type="button" className="btn no-print" onClick={() => print()}>
          <Printer size={17} /> {ui.record.print}
        </button>
      </div>
      <p className="max-w-prose">{project.place}</p>
      <p className="no-print max-w-prose text-sm opacity-85">{ui.record.intro}</p>
      <PlaceOnWalls
        label={ui.record.drawing}
        plan={plan}
        entries={entries}
        marked={marked}
        onMark={setMarked}
        onPlace={(wall, x, level) => {
          if (marked) dispatch(editItem(place, marked, { wall, x, level }));
        }}
      />
      {entries.length === 0 && <p className="my-3">{ui.record.empty}</p>}
      <ol>
        {entries.map((entry, k) => (
          <EntryCard
            key={entry.id}
            number={k + 1}
            entry={entry}
            walls={project.walls}
            marked={entry.id === marked}
            onMark={() => setMarked(entry.id)}
          />
        ))}
      </ol>
      <div className="no-print">
        <AddButton label={ui.record.add} onClick={add} />
      </div>
      <Decisions project={project} />
      <Protection done={project.protection ?? []} />
      <Signatures />
      <p className="mt-5 border-l-3 border-warning pl-2 text-sm">{ui.record.caution}</p>
    </div>
  );
}

/** Checks that failed, and what was decided about each. */
function Decisions({ project }: { project: Project }) {
  const decisions = project.decisions ?? [];
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg font-semibold">{ui.record.decisions}</h2>
      {decisions.length === 0 && <p className="text-sm">{ui.record.noDecisions}</p>}
      <ul className="list-disc pl-5">
        {decisions.map(({ id, wall, check, choice, words, who, when }) => (
          <li key={id}>
            {project.walls.find((candidate) => candidate.id === wall)?.name}{" "}
            {checkName(project, check)}: <strong>{ui.measure.decided[choice]}</strong>
            {words && ` · ${words}`}
            {who && ` · ${ui.record.by}: ${who}`}
            {when && ` · ${new Date(when).toLocaleDateString(readerLocale())}`}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Protection({ done }: { done: string[] }) {
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg font-semibold">{ui.record.protection}</h2>
      <div className="grid md:grid-cols-2 print:grid-cols-2">
        {Object.entries(ui.record.items).map(([item, words]) => (
          <Tick
            key={item}
            label={words}
            checked={done.includes(item)}
            onChange={(checked) => dispatch(setProtected(item, checked))}
          />
        ))}
      </div>
    </section>
  );
}

function Signatures() {
  return (
    <section className="mt-8">
      <h2 className="text-lg font-semibold">{ui.record.signatures}</h2>
      <div className="mt-12 grid grid-cols-2 gap-10">
        {[ui.record.setter, ui.record.owner].map((who) => (
          <p key={who} className="border-t border-base-content pt-1 text-sm">
            {who}
          </p>
        ))}
      </div>
    </section>
  );
}
