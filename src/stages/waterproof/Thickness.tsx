import { fixed } from "../../../core/length/numbers.ts";
import { formatAmount } from "../../../core/length/quantity.ts";
import { addItem, editItem, removeItem } from "../../../core/project/items.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { ItemOf } from "../../../core/project/lists.ts";
import type { Project, Wall } from "../../../core/project/schema.ts";
import type { WallFilm } from "../../../core/waterproof/film-plan.ts";
import { useJobStyle } from "../../fields/context.ts";
import { LengthField } from "../../fields/LengthField.tsx";
import { NumberField } from "../../fields/NumberField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Fact, RemoveButton, Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";

interface ThicknessProps {
  project: Project;
  film: WallFilm;
  wall: Wall;
}

const film2 = (mm: number) => `${fixed(mm, 2)} mm`;

/** The film of a wall by what was used and by the gauge, with a verdict and what to add. */
export function Thickness({ project, film, wall }: ThicknessProps) {
  const style = useJobStyle();
  const { averageWft, targetWft, addL, expectedDft, listedDft, gauge, proven } = film.thickness;
  return (
    <Section title={ui.waterproof.thickness}>
      <dl>
        <Fact name={ui.waterproof.target}>{film2(targetWft)}</Fact>
        {averageWft !== undefined && (
          <Fact name={ui.waterproof.average}>
            <span data-average>{film2(averageWft)}</span>
          </Fact>
        )}
        {expectedDft !== undefined && (
          <Fact name={ui.waterproof.dft}>
            {film2(expectedDft)} ({ui.waterproof.listed} {film2(listedDft)})
          </Fact>
        )}
      </dl>
      {averageWft === undefined ? (
        <p className="text-sm">{ui.waterproof.notLogged}</p>
      ) : (
        <div data-thickness={addL > 0 ? "thin" : "good"}>
          <Verdict good={addL === 0}>
            {addL > 0 ? ui.waterproof.add(formatAmount(addL, "L", style)) : ui.waterproof.enough}
          </Verdict>
        </div>
      )}
      <h4 className="mt-2 font-semibold">{ui.waterproof.gauge}</h4>
      {gauge.map(({ coat, places, wanted, least, thin }) => (
        <Verdict key={coat} good={places >= wanted && thin === 0}>
          {ui.waterproof.places(places, wanted, ui.waterproof.coat(coat))}
          {least !== undefined && `, ${ui.waterproof.least(film2(least))}`}
        </Verdict>
      ))}
      <div data-proven={proven}>
        <Verdict good={proven}>{proven ? ui.waterproof.proven : ui.waterproof.notProven}</Verdict>
      </div>
      <GaugeFields project={project} wall={wall} />
    </Section>
  );
}

const place = { list: "gauge" as const };

function GaugeFields({ project, wall }: { project: Project; wall: Wall }) {
  const coat = useView((state) => Math.max(1, Math.min(state.coat, jobOf(project).settings.coats)));
  const readings = (project.film?.gauge ?? []).filter(
    (reading) => reading.wall === wall.id && reading.coat === coat,
  );
  const add = () =>
    dispatch(
      addItem(place, {
        id: crypto.randomUUID(),
        wall: wall.id,
        coat,
        from: "left",
        // Spread over the wall, so that readings are not all taken in one place.
        at: Math.round((wall.width.bottom * (1 + (readings.length % 3) * 2)) / 6),
        level: [0, 500, -500][Math.floor(readings.length / 3) % 3] ?? 0,
        wft: jobOf(project).settings.coatWft,
        when: new Date().toISOString(),
      }),
    );
  return (
    <>
      {readings.map((reading, k) => (
        <GaugeRow key={reading.id} reading={reading} number={k + 1} />
      ))}
      <AddButton
        label={`${ui.waterproof.addGauge}, ${ui.inline(ui.waterproof.coat(coat))}`}
        onClick={add}
      />
    </>
  );
}

function GaugeRow({ reading, number }: { reading: ItemOf<"gauge">; number: number }) {
  const { id, at, level, wft } = reading;
  const edit = (patch: Partial<typeof reading>) => dispatch(editItem(place, id, patch));
  const name = `${ui.waterproof.addGauge} ${number}`;
  return (
    <Row>
      <NumberField
        label={ui.waterproof.wft}
        name={`gauge/${id}/wft`}
        value={wft}
        min={0.01}
        max={20}
        onCommit={(value) => edit({ wft: value })}
      />
      <LengthField
        bare
        label={ui.measure.at}
        name={`gauge/${id}/at`}
        mm={at}
        rules={{ zero: true }}
        onCommit={(mm) => edit({ at: mm })}
      />
      <LengthField
        bare
        label={ui.measure.levelOf}
        name={`gauge/${id}/level`}
        mm={level}
        rules={{ signed: true }}
        onCommit={(mm) => edit({ level: mm })}
      />
      <RemoveButton of={name} onClick={() => dispatch(removeItem(place, id))} />
    </Row>
  );
}
