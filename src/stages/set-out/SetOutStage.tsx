import type { Project } from "../../../core/project/schema.ts";
import type { PanelProps } from "../../panel/PanelParts.tsx";
import { Later } from "../../parts/Later.tsx";
import { Part } from "../../parts/part.ts";
import { useView } from "../../state/view-store.ts";
import { SetOutPanel } from "./SetOutPanel.tsx";

/** Layouts are searched for long after the first figures are there. */
export const COMPARE = new Part<{ project: Project }>(
  async () => (await import("./ComparePanel.tsx")).ComparePanel,
);

/** The set-out of one wall, or all layouts held against each other. */
export function SetOutStage(props: PanelProps) {
  const comparing = useView((state) => state.comparing);
  // A search goes on while another wall is looked at.
  if (comparing) return <Later part={COMPARE} props={{ project: props.project }} />;
  return <SetOutPanel key={props.wall.id} {...props} />;
}
