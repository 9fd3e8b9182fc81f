import { editBuild } from "../../../core/project/commands.ts";
import { Choice } from "../../fields/Choice.tsx";
import { WarningList } from "../../shell/WarningList.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/en.ts";
import { Caution, type PanelProps, PanelTitle, Row, Section, Segments } from "../PanelParts.tsx";
import { BlockingFields } from "./BlockingFields.tsx";
import { BoardPlan } from "./BoardPlan.tsx";
import { LayerFields } from "./LayerFields.tsx";
import { RoughOpenings } from "./RoughOpenings.tsx";

/** What goes on the studs of a wall, and everything that follows from its build-up. */
export function BuildPanel({ project, plan, wall, stored }: PanelProps) {
  const view = useView((state) => state.buildView);
  const build = plan.build.walls.find(({ id }) => id === wall.id);
  const { system = "board-liquid", board = "cement", adhesive = "cement" } = project.build ?? {};
  if (!build) return null;
  return (
    <>
      <PanelTitle>{ui.build.title(wall.name)}</PanelTitle>
      <Segments
        label={ui.build.show}
        value={view}
        options={ui.build.views}
        onChange={(buildView) => useView.setState({ buildView })}
      />
      <Section title={ui.build.system}>
        <Row>
          <Choice
            hideLabel
            label={ui.build.system}
            value={system}
            options={ui.build.systems}
            onChange={(next) => dispatch(editBuild({ system: next }))}
          />
        </Row>
        <p className="mb-2 text-sm">{ui.build.why[system]}</p>
        <Row>
          <Choice
            label={ui.build.board}
            value={board}
            options={ui.build.boards}
            onChange={(next) => dispatch(editBuild({ board: next }))}
          />
          <Choice
            label={ui.build.adhesive}
            value={adhesive}
            options={ui.build.adhesives}
            onChange={(next) => dispatch(editBuild({ adhesive: next }))}
          />
        </Row>
      </Section>
      <LayerFields project={project} wall={wall} stored={stored} layers={build.layers} />
      <RoughOpenings build={build} stored={stored} />
      <BoardPlan project={project} plan={plan} wall={build} />
      <BlockingFields project={project} wall={stored} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.build.caution}</Caution>
    </>
  );
}
