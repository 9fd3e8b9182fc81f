import { Length } from "../../fields/Length.tsx";
import { Fact, type PanelProps } from "../../panel/PanelParts.tsx";
import { ui } from "../../words/ui.ts";
import { PaperPart, PaperTable } from "../PaperParts.tsx";
import { nameOfBond } from "./bond-name.ts";

/** The set-out of a wall for paper: tile and bond, the cuts at every row, and where the courses lie. */
export function SetOutPaper({ project, plan, wall }: PanelProps) {
  const tile = project.tiles.find(({ id }) => id === project.field.tile) ?? project.tiles[0];
  const { mode } = wall.centring;
  return (
    <>
      <PaperPart title={ui.setOut.pattern}>
        <dl>
          <Fact name={ui.setOut.tile}>{tile?.name}</Fact>
          <Fact name={ui.setOut.pattern}>{nameOfBond(project.field)}</Fact>
          <Fact name={ui.setOut.joint}>
            <Length mm={project.field.joint} />
          </Fact>
          {/* A bond that could not be followed round its corner has a tile on the centre. */}
          <Fact name={ui.setOut.centre}>{ui.setOut.modes[mode === "corner" ? "tile" : mode]}</Fact>
          <Fact name={ui.drawing.firstCourse}>
            <Length mm={plan.levelY - plan.first.y} /> {ui.paper.belowLevel}
          </Fact>
        </dl>
      </PaperPart>
      {wall.flags.map(({ side, rows }) => (
        <PaperPart key={side} title={ui.sides[side]}>
          <PaperTable
            head={[
              side === "left" || side === "right" ? ui.flagRows.course : ui.flagRows.column,
              ui.flagRows.size,
              ui.flagRows.ends,
            ]}
            rows={rows.map(({ course, column, size, cut, sliver, ends: [from, to] }) => ({
              key: `${course}/${column}`,
              cells: [
                side === "left" || side === "right" ? course : column,
                <span key="size">
                  {cut ? <Length mm={size} /> : ui.flagRows.uncut}
                  {sliver && ` ! ${ui.flagRows.sliver}`}
                </span>,
                <span key="ends">
                  <Length mm={from} unit={false} /> → <Length mm={to} />
                </span>,
              ],
            }))}
          />
        </PaperPart>
      ))}
    </>
  );
}
