import { fieldTile } from "../../../core/project/defaults.ts";
import type { Project, Tile } from "../../../core/project/schema.ts";
import { editTile } from "../../../core/project/tile-commands.ts";
import { leastJoint, meanSize, sizeSpread } from "../../../core/set-out/check.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Fact, Row } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** As many tiles as are usually measured; there is always room for one more until then. */
const TILES = 10;

/** Sizes of tiles from several boxes: their mean, their spread, and the joint that takes it up. */
export function MeasuredTiles({ project }: { project: Project }) {
  const tile = fieldTile(project);
  const { measured = {} } = tile;
  const set = (patch: Tile["measured"]) =>
    dispatch(editTile({ measured: { ...measured, ...patch } }));
  return (
    <details data-measured-tiles="">
      <summary className="cursor-pointer text-sm font-semibold">{ui.setOut.measured.title}</summary>
      <p className="my-1 text-xs opacity-80">{ui.setOut.measured.hint}</p>
      <Sizes side="width" tile={tile} onChange={(widths) => set({ widths })} />
      <Sizes side="height" tile={tile} onChange={(heights) => set({ heights })} />
      <Row>
        <LengthField
          label={ui.setOut.measured.warpage}
          name="tile/warpage"
          mm={measured.warpage}
          rules={{ zero: true, atMost: 20 }}
          onCommit={(warpage) => set({ warpage })}
          onClear={() => set({ warpage: undefined })}
        />
      </Row>
      <dl>
        <Fact name={ui.setOut.measured.spread}>
          <Length mm={sizeSpread(tile)} />
        </Fact>
        <Fact name={ui.setOut.measured.leastJoint}>
          <Length mm={leastJoint(project)} />
        </Fact>
      </dl>
    </details>
  );
}

interface SizesProps {
  side: "width" | "height";
  tile: Tile;
  onChange: (sizes: number[]) => void;
}

/** One side of the tiles measured, a field for each and one more. */
function Sizes({ side, tile, onChange }: SizesProps) {
  const sizes = (side === "width" ? tile.measured?.widths : tile.measured?.heights) ?? [];
  const mean = meanSize(sizes);
  const fields = [...sizes, undefined].slice(0, TILES);
  const replaced = (at: number, ...by: number[]) => sizes.toSpliced(at, 1, ...by);
  return (
    <fieldset className="mb-2">
      <legend className="field-label">{ui.setOut[side]}</legend>
      <div className="grid grid-cols-2 gap-2">
        {fields.map((mm, at) => (
          <LengthField
            // biome-ignore lint/suspicious/noArrayIndexKey: the tiles measured have no names
            key={at}
            hideLabel
            label={ui.setOut.measured.tile(ui.setOut[side], at + 1)}
            name={`tile/measured/${side}/${at}`}
            mm={mm}
            rules={{ above: 4.99, atMost: 5000 }}
            onCommit={(size) => onChange(mm === undefined ? [...sizes, size] : replaced(at, size))}
            onClear={() => onChange(replaced(at))}
          />
        ))}
      </div>
      {mean !== undefined && Math.abs(mean - tile[side]) > 0.01 && (
        <button
          type="button"
          className="btn btn-sm mt-1 w-full"
          onClick={() => dispatch(editTile({ [side]: mean }))}
        >
          {ui.setOut.measured.takeMean} <Length mm={mean} />
        </button>
      )}
    </fieldset>
  );
}
