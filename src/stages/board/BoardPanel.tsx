import { editBuild } from "../../../core/project/commands.ts";
import { Choice } from "../../fields/Choice.tsx";
import {
  Caution,
  type PanelProps,
  PanelTitle,
  Row,
  Section,
  Segments,
} from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { BlockingFields } from "./BlockingFields.tsx";
import { BoardPlan } from "./BoardPlan.tsx";
import { LayerFields } from "./LayerFields.tsx";
import { RoughOpenings } from "./RoughOpenings.tsx";

/** What goes on the studs of a wall, and everything that follows from its build-up. */
export function BoardPanel({ project, plan, wall, stored }: PanelProps) {
  const view = useView((state) => state.boardView);
  const wallBoard = plan.board.walls.find(({ id }) => id === wall.id);
  const { system = "board-liquid", board = "cement", adhesive = "cement" } = project.build ?? {};
  if (!wallBoard) return null;
  return (
    <>
      <PanelTitle>{ui.board.title(wall.name)}</PanelTitle>
      <Segments
        label={ui.board.show}
        value={view}
        options={ui.board.views}
        onChange={(boardView) => useView.setState({ boardView })}
      />
      <Section title={ui.board.system}>
        <Row>
          <Choice
            hideLabel
            label={ui.board.system}
            value={system}
            options={ui.board.systems}
            onChange={(next) => dispatch(editBuild({ system: next }))}
          />
        </Row>
        <p className="mb-2 text-sm">{ui.board.why[system]}</p>
        <Row>
          <Choice
            label={ui.board.board}
            value={board}
            options={ui.board.boards}
            onChange={(next) => dispatch(editBuild({ board: next }))}
          />
        </Row>
        <Row>
          <Choice
            label={ui.board.adhesive}
            value={adhesive}
            options={ui.board.adhesives}
            onChange={(next) => dispatch(editBuild({ adhesive: next }))}
          />
        </Row>
      </Section>
      <LayerFields project={project} wall={wall} stored={stored} layers={wallBoard.layers} />
      <RoughOpenings wallBoard={wallBoard} stored={stored} />
      <BoardPlan project={project} plan={plan} wall={wallBoard} />
      <BlockingFields project={project} wall={stored} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.board.caution}</Caution>
    </>
  );
}
