import { type ChangeEvent, useState } from "react";
import { boxOf } from "../../../core/geometry/polygon.ts";
import { formatLength } from "../../../core/length/format.ts";
import { type FromOutline, wallFromOutline } from "../../../core/measure/from-outline.ts";
import type { Wall } from "../../../core/project/schema.ts";
import { useJobStyle } from "../../fields/context.ts";
import { ringPath } from "../../paths/paths.ts";
import { dispatch } from "../../state/job-store.ts";
import { openDialog } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { newFixture, newOpening } from "./new-opening.ts";
import { type ReadOutline, readOutline } from "./read-outline.ts";

/** A drawing of one wall is small; anything larger is a whole house, bytes. */
const LARGEST = 8 * 1024 * 1024;

interface Preview {
  read: ReadOutline;
  found: FromOutline;
}

/** A wall's outline with its openings from a drawing: a look at what is taken and what is not, then one press. */
export function ImportOutline({ wall }: { wall: Wall }) {
  const words = ui.readings.outline;
  const [preview, setPreview] = useState<Preview>();
  const [refused, setRefused] = useState<string>();
  const open = async (file: File) => {
    setPreview(undefined);
    setRefused(undefined);
    if (file.size > LARGEST) return setRefused(words.tooLarge(file.name));
    const read = await readOutline(await file.text());
    if (read === undefined) return setRefused(words.noDrawing(file.name));
    const found = read && wallFromOutline(read.outline);
    if (!read || !found) return setRefused(words.noOutline(file.name));
    setPreview({ read, found });
  };
  const take = ({ found }: Preview) => {
    takeOver(wall.id, found);
    openDialog(undefined);
  };
  return (
    <div className="text-sm">
      <p className="mb-3">{words.hint}</p>
      <input
        type="file"
        accept=".dxf,image/vnd.dxf"
        aria-label={words.choose}
        className="mb-3 w-full"
        data-outline-file
        onChange={({ target }: ChangeEvent<HTMLInputElement>) => {
          const [file] = target.files ?? [];
          if (file) void open(file);
        }}
      />
      {refused && (
        <p role="alert" className="text-error">
          {refused}
        </p>
      )}
      {preview && (
        <div data-outline={preview.found.openings.length}>
          <Taken {...preview} />
          <button type="button" className="btn btn-primary mt-3" onClick={() => take(preview)}>
            {words.take}
          </button>
        </div>
      )}
    </div>
  );
}

/** What was found as a small picture and in words, and what was not taken. */
function Taken({ read: { outline, unitless, others }, found }: Preview) {
  const style = useJobStyle();
  const words = ui.readings.outline;
  const { minX, maxX, minY, maxY } = boxOf(outline.ring);
  const length = (mm: number) => formatLength(mm, style);
  const size = words.size(length(maxX - minX), length(maxY - minY));
  return (
    <>
      <svg
        viewBox={`${minX} ${-maxY} ${maxX - minX} ${maxY - minY}`}
        className="mb-2 h-44 w-full"
        role="img"
        aria-label={size}
      >
        <path
          d={ringPath(outline.ring) + outline.inner.map(ringPath).join("")}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
        {outline.circles.map(({ centre: [x, y], diameter }) => (
          <circle
            key={`${x}/${y}`}
            cx={x}
            cy={-y}
            r={diameter / 2}
            fill="none"
            stroke="var(--color-base-content)"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      <p className="font-semibold">
        ✓ {size} · {words.openings(found.openings.length)} · {words.fixtures(found.fixtures.length)}
      </p>
      {unitless && <p>! {words.unitless}</p>}
      {[...new Set(found.notTaken)].map((code) => (
        <p key={code}>! {words.notTaken[code]}</p>
      ))}
      {others > 0 && <p>{words.others(others)}</p>}
    </>
  );
}

/** The wall gets the outline's readings, openings and fixtures in place of its own. */
function takeOver(id: string, found: FromOutline): void {
  dispatch({
    name: "import-readings",
    change: (draft) => {
      const wall = draft.walls.find((own) => own.id === id);
      if (!wall) return;
      wall.width = found.wall.width;
      wall.base = found.wall.base;
      wall.top = found.wall.top;
      delete wall.height;
      if (found.wall.lean) wall.lean = found.wall.lean;
      else delete wall.lean;
      wall.openings = found.openings.map((own) => ({ ...newOpening(wall, "niche"), ...own }));
      wall.fixtures = found.fixtures.map((own) => ({ ...newFixture(wall), ...own }));
    },
  });
}
