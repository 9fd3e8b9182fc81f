import type { PanelProps } from "../../panel/PanelParts.tsx";
import { useView } from "../../state/view-store.ts";
import { ComparePanel } from "./ComparePanel.tsx";
import { SetOutPanel } from "./SetOutPanel.tsx";

/** The set-out of one wall, or all layouts held against each other. */
export function SetOutStage(props: PanelProps) {
  const comparing = useView((state) => state.comparing);
  // A search goes on while another wall is looked at.
  if (comparing) return <ComparePanel project={props.project} />;
  return <SetOutPanel key={props.wall.id} {...props} />;
}
