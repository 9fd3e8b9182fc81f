import { fixed } from "../../../core/length/numbers.ts";
import { Length } from "../../fields/Length.tsx";
import { ui } from "../../words/ui.ts";
import { Fact, FigureFacts, type PanelProps } from "../PanelParts.tsx";
import { PaperPart, PaperTable } from "../PaperParts.tsx";

/** The film of a wall for paper: what it takes, and boxes to tick on the wall. */
export function WaterproofPaper({ project, plan, wall }: PanelProps) {
  const film = plan.film.walls.find(({ id }) => id === wall.id);
  if (!film) return null;
  const { targetWft, listedDft } = film.thickness;
  const coats = Array.from({ length: plan.film.coats + 1 }, (_, k) => ui.waterproof.coat(k));
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
          codes={[
            "membraneAreaM2",
            "membraneL",
            "stripM",
            "rollM",
            "bandM",
            "insideCorners",
            "outsideCorners",
            "pipeSeals",
            "valveSeals",
          ]}
        />
        <dl>
          <Fact name={ui.waterproof.wetTop}>
            <Length mm={plan.film.wetTop} />
          </Fact>
          <Fact name={ui.waterproof.target}>{fixed(targetWft, 2)} mm</Fact>
          <Fact name={ui.waterproof.dft}>{fixed(listedDft, 2)} mm</Fact>
        </dl>
      </PaperPart>
      <PaperPart title={ui.waterproof.log}>
        <PaperTable
          head={[ui.paper.coat, ui.paper.begun, ui.waterproof.wft, ui.paper.by]}
          rows={coats.map((coat) => ({ key: coat, cells: [coat, "", "", ""] }))}
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
