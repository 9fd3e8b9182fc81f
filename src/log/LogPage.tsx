import { useState } from "react";
import { Segments } from "../panel/PanelParts.tsx";
import { ui } from "../words/ui.ts";
import { BehindTile } from "./BehindTile.tsx";
import { LogStream } from "./LogStream.tsx";
import type { LogProps } from "./log-props.ts";
import { OwnFigures } from "./OwnFigures.tsx";
import { UsedTable } from "./UsedTable.tsx";

type View = keyof typeof ui.log.views;

/** What happened and what was used: by day, behind the tile, against the order, over all jobs. */
export default function LogPage({ project, plan }: LogProps) {
  const [view, setView] = useState<View>("stream");
  return (
    <div className="mx-auto max-w-4xl p-4 md:p-8 print:p-0" data-log>
      <h1 className="name text-2xl font-bold">
        {ui.log.title} · {project.name}
      </h1>
      <div className="no-print mb-3">
        <Segments label={ui.log.title} value={view} options={ui.log.views} onChange={setView} />
      </div>
      {view === "stream" && <LogStream project={project} plan={plan} />}
      {view === "behind" && <BehindTile project={project} plan={plan} />}
      {view === "used" && <UsedTable project={project} plan={plan} />}
      {view === "own" && <OwnFigures project={project} />}
      <p className="mt-5 border-l-3 border-warning pl-2 text-xs opacity-90">{ui.log.caution}</p>
    </div>
  );
}
