import type { PanelProps } from "../../panel/PanelParts.tsx";
import { CloseRun } from "./CloseRun.tsx";
import { CornerFields } from "./CornerFields.tsx";
import { LimitFields } from "./LimitFields.tsx";
import { OpeningFit } from "./OpeningFit.tsx";
import { ShelfFields } from "./ShelfFields.tsx";
import { TileFields } from "./TileFields.tsx";
import { ToolFields } from "./ToolFields.tsx";
import { TrimPlanFields } from "./TrimFields.tsx";
import { TrowelFields } from "./TrowelFields.tsx";
import { ZoneFields } from "./ZoneFields.tsx";

/** The sections of Set out below its warnings: tile, openings, zones, trowel, corners, trim, limits. */
export function SetOutMore({ project, plan, wall, stored }: PanelProps) {
  return (
    <>
      <TileFields project={project} />
      <CloseRun wall={wall} />
      <OpeningFit project={project} plan={plan} wall={wall} stored={stored} />
      <ShelfFields project={project} plan={plan} wall={wall} stored={stored} />
      <ZoneFields project={project} plan={plan} wall={wall} stored={stored} />
      <TrowelFields project={project} />
      <CornerFields project={project} wall={wall} stored={stored} plan={plan} />
      <TrimPlanFields project={project} wall={wall} stored={stored} plan={plan} />
      <LimitFields project={project} />
      <ToolFields project={project} />
    </>
  );
}
