import { fixed } from "../../../core/length/numbers.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact, FigureFacts, type PanelProps } from "../../panel/PanelParts.tsx";
import { formatWhen, ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { FILM_CODES, SHEET_CODES } from "./film-codes.ts";

/** The film of a wall for paper: what it takes, and boxes to tick on the wall. */
export function WaterproofPaper({ project, plan, wall }: PanelProps) {
  const film = plan.film.walls.find(({ id }) => id === wall.id);
  if (!film) return null;
  const { targetWft, listedDft } = film.thickness;
  // A coat that is on says when; for the others there is room to write it down.
  const coats = Array.from({ length: plan.film.coats + 1 }, (_, coat) => {
    const on = project.film?.coats?.find((each) => each.wall === wall.id && each.coat === coat);
    const begun = on?.at && Number.isFinite(Date.parse(on.at)) ? formatWhen(Date.parse(on.at)) : "";
    return { key: `${coat}`, cells: [ui.waterproof.coat(coat), begun, "", ""] };
  });
  const through = (check: string) => {
    const entry = project.film?.gate?.find(({ id }) => id === check);
    const told = (plan.film.gate as Record<string, boolean>)[check];
    return entry?.state === "waived" ? (entry.reason ?? "") : told || entry ? "✓" : "☐";
  };
  return (
    <>
      <PaperPart title={ui.waterproof.quantities}>
        <p>{ui.board.systems[plan.film.system]}</p>
        <FigureFacts
          wall={wall.id}
          figures={{ ...wall.figures, ...film.figures }}
          codes={[...FILM_CODES, ...SHEET_CODES]}
        />
        <dl>
          <Fact name={ui.waterproof.wetTop}>
            <Length mm={plan.film.wetTop} />
          </Fact>
          <Fact name={ui.waterproof.target}>{fixed(targetWft, 2)} mm</Fact>
          <Fact name={ui.paper.dryListed}>{fixed(listedDft, 2)} mm</Fact>
        </dl>
      </PaperPart>
      <PaperPart title={ui.waterproof.log}>
        <PaperTable
          head={[ui.paper.coat, ui.paper.begun, ui.waterproof.wft, ui.paper.by]}
          rows={coats}
        />
      </PaperPart>
      <PaperPart title={ui.waterproof.gate}>
        <PaperTable
          head={[ui.paper.check, ui.paper.checked]}
          rows={Object.entries(ui.waterproof.gates).map(([check, name]) => ({
            key: check,
            cells: [name, through(check)],
          }))}
        />
      </PaperPart>
    </>
  );
}
