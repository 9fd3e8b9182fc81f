import { heightAt } from "../../../core/geometry/profile.ts";
import {
  addWall,
  changeEnclosure,
  editEnclosure,
  editLean,
  removeLastWall,
} from "../../../core/project/commands.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { DeviceBar } from "../../devices/DeviceBar.tsx";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Caution, type PanelProps, PanelTitle, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { openDialog, useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { Checks } from "./Checks.tsx";
import { CornerReadings } from "./CornerReadings.tsx";
import { FlatFields } from "./FlatFields.tsx";
import { OpeningFields } from "./OpeningFields.tsx";
import { BaseReadings, TopReadings } from "./ReadingFields.tsx";
import { StudFields } from "./StudFields.tsx";
import { SurveyFindings } from "./SurveyFindings.tsx";
import { WallFields } from "./WallFields.tsx";
import { WidthFields } from "./WidthFields.tsx";

/** What the tape said: widths, level line readings, leans, openings and fixtures of a wall. */
export function MeasurePanel({ project, plan, wall, stored }: PanelProps) {
  return (
    <>
      <PanelTitle>{ui.measure.title(wall.name)}</PanelTitle>
      <Exaggerate />
      <DeviceBar />
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => openDialog({ kind: "import-readings" })}
      >
        {ui.openReadings}
      </button>
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => openDialog({ kind: "import-outline", wall: wall.id })}
      >
        {ui.readings.outline.open}
      </button>
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => openDialog({ kind: "wall-photo", wall: wall.id })}
      >
        {ui.measure.photo.title}
      </button>
      <WidthFields wall={stored} />
      <BaseReadings wall={stored} />
      <TopReadings wall={stored} levelY={plan.levelY} topY={heightAt(wall.measured.top, 0)} />
      <LeanFields wall={stored} />
      <CornerReadings project={project} plan={plan} wall={stored} />
      <FlatFields wall={stored} plan={plan} />
      <StudFields project={project} plan={plan} wall={stored} />
      <Checks project={project} plan={plan} wall={wall.id} />
      <SurveyFindings plan={plan} wall={wall} />
      <OpeningFields wall={stored} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <WallFields wall={stored} />
      <Section title={ui.measure.enclosure} open={false}>
        <Row>
          <Choice
            label={ui.newJob.enclosure.replace(/^\d · /, "")}
            value={project.enclosure.kind}
            options={ui.newJob.enclosures}
            onChange={(kind) => dispatch(changeEnclosure(kind))}
          />
        </Row>
        <AddButton label={ui.measure.addWall} onClick={() => dispatch(addWall())} />
        {project.walls.length > 1 && (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => dispatch(removeLastWall())}
          >
            {ui.measure.removeWall}
          </button>
        )}
        <Row>
          <Choice
            label={ui.newJob.base}
            value={project.enclosure.base}
            options={ui.newJob.bases}
            onChange={(base) => dispatch(editEnclosure({ base }))}
          />
          <LengthField
            label={ui.measure.baseAboveFloor}
            name="base-above-floor"
            mm={project.enclosure.baseAboveFloor ?? 0}
            rules={{ zero: true }}
            onCommit={(baseAboveFloor) => dispatch(editEnclosure({ baseAboveFloor }))}
          />
        </Row>
        {(project.enclosure.base === "tub" || project.enclosure.base === "pan") && (
          <FlangeFields project={project} />
        )}
      </Section>
      <Caution>{ui.measure.caution}</Caution>
    </>
  );
}

/** A flange that stands off the studs, and what is done about it. */
function FlangeFields({ project }: Pick<PanelProps, "project">) {
  const { flange } = project.enclosure;
  return (
    <Row>
      <LengthField
        label={ui.measure.flangeProud}
        name="flange/proud"
        mm={flange?.proud ?? 0}
        rules={{ zero: true, atMost: 100 }}
        onCommit={(proud) =>
          dispatch(editEnclosure({ flange: proud > 0 ? { ...flange, proud } : undefined }))
        }
      />
      {flange && (
        <Choice
          label={ui.measure.flangeBy}
          value={flange.by ?? "open"}
          options={ui.measure.flangeBys}
          onChange={(by) =>
            dispatch(
              editEnclosure({
                flange: { proud: flange.proud, ...(by === "open" ? {} : { by }) },
              }),
            )
          }
        />
      )}
    </Row>
  );
}

const FACTORS = [1, 5, 10, 20];

function Exaggerate() {
  const factor = useView((state) => state.exaggerate);
  return (
    <fieldset className="mt-3 flex items-center gap-1">
      <legend className="section-title float-left mb-0 w-24">{ui.measure.exaggerate}</legend>
      {FACTORS.map((candidate) => (
        <button
          key={candidate}
          type="button"
          aria-pressed={factor === candidate}
          className={`btn btn-sm flex-1 px-0.5 whitespace-nowrap ${factor === candidate ? "btn-primary" : ""}`}
          onClick={() => useView.setState({ exaggerate: candidate })}
        >
          {ui.measure.times(candidate)}
        </button>
      ))}
    </fieldset>
  );
}

/** A lean is read over a height; until that is typed, over this one. */
const LEAN_OVER = 1800;

function LeanFields({ wall }: { wall: Wall }) {
  return (
    <Section
      title={ui.measure.lean}
      open={wall.lean?.left !== undefined || wall.lean?.right !== undefined}
    >
      {(["left", "right"] as const).map((side) => {
        const lean = wall.lean?.[side];
        return (
          <Row key={side}>
            <LengthField
              label={side === "left" ? ui.measure.leanLeft : ui.measure.leanRight}
              name={`${wall.id}/lean/${side}/offset`}
              mm={lean?.offset}
              placeholder={ui.measure.notRead}
              rules={{ signed: true }}
              onCommit={(offset) =>
                dispatch(editLean(wall.id, side, { over: LEAN_OVER, ...lean, offset }))
              }
              onClear={() => dispatch(editLean(wall.id, side, undefined))}
            />
            <LengthField
              label={ui.measure.over}
              name={`${wall.id}/lean/${side}/over`}
              mm={lean?.over ?? LEAN_OVER}
              onCommit={(over) => dispatch(editLean(wall.id, side, { offset: 0, ...lean, over }))}
            />
          </Row>
        );
      })}
      <p className="text-xs opacity-80">{ui.measure.leanHint}</p>
    </Section>
  );
}
