import { useEffect, useState } from "react";
import { LayoutThumb } from "../parts/LayoutThumb.tsx";
import type { PlanWall } from "../paths/thumbs.ts";
import type { JobRow } from "../storage/database.ts";
import { ui } from "../words/ui.ts";
import { pictureOf } from "../workers/pictures.ts";

/** The surround of a job as it is set out; room is kept until it is there, and where there is none. */
export function JobPicture({ row }: { row: JobRow }) {
  const [walls, setWalls] = useState<PlanWall[]>();
  const { project, revision } = row;
  useEffect(() => {
    let shown = true;
    pictureOf(project, revision).then(
      (picture) => shown && setWalls(picture),
      () => undefined,
    );
    return () => {
      shown = false;
    };
  }, [project, revision]);
  return (
    <div className="flex h-24 w-36 shrink-0 items-center" data-picture={walls ? row.id : undefined}>
      {walls && <LayoutThumb walls={walls} label={ui.jobs.picture(project.name)} />}
    </div>
  );
}
