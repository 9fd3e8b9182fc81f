import { editSettings } from "../../../core/project/commands.ts";
import type { Project, Tools } from "../../../core/project/schema.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** What the saw and the cutter reach and hold, so that nobody plans a cut that they cannot make. */
export function ToolFields({ project }: { project: Project }) {
  const tools = project.settings?.tools ?? {};
  const set = (patch: Partial<Tools>) => dispatch(editSettings({ tools: { ...tools, ...patch } }));
  const reach = (name: "cutterLength" | "sawLength" | "thinnestStrip") => (
    <LengthField
      label={ui.setOut.tools[name]}
      name={`tools/${name}`}
      mm={tools[name]}
      rules={{ atMost: 5000 }}
      onCommit={(mm) => set({ [name]: mm })}
      onClear={() => set({ [name]: undefined })}
    />
  );
  return (
    <Section title={ui.setOut.tools.title} open={false}>
      <p className="mb-2 text-xs opacity-80">{ui.setOut.tools.hint}</p>
      <Row>
        {reach("cutterLength")}
        {reach("sawLength")}
      </Row>
      <Row>{reach("thinnestStrip")}</Row>
      <Tick
        label={ui.setOut.tools.holeSaw}
        checked={tools.holeSaw ?? true}
        onChange={(holeSaw) => set({ holeSaw })}
      />
    </Section>
  );
}
