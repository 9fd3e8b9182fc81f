import { Length } from "../../fields/Length.tsx";
import {
  Caution,
  Fact,
  FigureFacts,
  type PanelProps,
  PanelTitle,
  Section,
  Segments,
} from "../../panel/PanelParts.tsx";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { WarningList } from "../WarningList.tsx";
import { CoatLog } from "./CoatLog.tsx";
import { FILM_CODES, SHEET_CODES } from "./film-codes.ts";
import { Gate } from "./Gate.tsx";
import { HoleFields } from "./HoleFields.tsx";
import { Thickness } from "./Thickness.tsx";

/** What keeps the water out of a wall: what it takes, what is on, whether it is thick enough. */
export function WaterproofPanel({ project, plan, wall, stored }: PanelProps) {
  const coat = useView((state) => Math.min(state.coat, plan.film.coats));
  const film = plan.film.walls.find(({ id }) => id === wall.id);
  if (!film) return null;
  if (film.regions.length === 0) return <NoFilm project={project} plan={plan} wall={wall} />;
  const coats = Object.fromEntries(
    Array.from({ length: plan.film.coats + 1 }, (_, k) => [`${k}`, ui.waterproof.coat(k)]),
  );
  return (
    <>
      <PanelTitle>{ui.waterproof.title(wall.name)}</PanelTitle>
      <Segments
        label={ui.waterproof.show}
        value={`${coat}`}
        options={coats}
        onChange={(next) => useView.setState({ coat: Number(next) })}
      />
      <Quantities plan={plan} wall={wall} film={film} />
      <CoatLog
        project={project}
        film={film}
        films={plan.film.walls.filter(({ regions }) => regions.length > 0)}
        coats={plan.film.coats}
      />
      <Thickness project={project} film={film} wall={stored} />
      <HoleFields project={project} wall={stored} />
      <Gate project={project} plan={plan} />
      <WarningList project={project} plan={plan} wall={wall.id} />
      <Caution>{ui.waterproof.caution}</Caution>
    </>
  );
}

interface QuantitiesProps extends Pick<PanelProps, "plan" | "wall"> {
  film: PanelProps["plan"]["film"]["walls"][number];
}

/** What the film of this wall takes, and how high it goes. */
function Quantities({ plan, wall, film }: QuantitiesProps) {
  const { system, wetTop } = plan.film;
  return (
    <Section title={ui.waterproof.quantities}>
      <p className="mb-1 text-sm">{ui.board.systems[system]}</p>
      <FigureFacts
        wall={wall.id}
        figures={{ ...wall.figures, ...film.figures }}
        codes={FILM_CODES}
      />
      {film.sheet && (
        <>
          <p className="text-sm">{ui.waterproof.sheetRun[film.sheet.run]}</p>
          <FigureFacts wall={wall.id} figures={film.figures} codes={SHEET_CODES} />
        </>
      )}
      <dl>
        <Fact name={ui.waterproof.wetTop}>
          <Length mm={wetTop} />
        </Fact>
      </dl>
      <p className="text-xs opacity-80">{ui.waterproof.wetTopHint}</p>
    </Section>
  );
}

/** A dry wall, or one whose board stays without a patch: no film, no coats, no gate. */
function NoFilm({ project, plan, wall }: Pick<PanelProps, "project" | "plan" | "wall">) {
  return (
    <>
      <PanelTitle>{ui.waterproof.title(wall.name)}</PanelTitle>
      <p className="mt-2 text-sm" data-no-film>
        {wall.measured.dry ? ui.waterproof.dry : ui.waterproof.stays}
      </p>
      <WarningList project={project} plan={plan} wall={wall.id} />
    </>
  );
}
