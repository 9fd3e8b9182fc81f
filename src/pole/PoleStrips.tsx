import { type PoleMark, type PoleStrip, poleStrips } from "../../core/pole/story-pole.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { markName } from "../words/mark-name.ts";
import { ui } from "../words/ui.ts";

/** What fits the paper of both A4 and Letter, mm. */
const STRIP = { length: 240, width: 58 };

/** Room above and below a strip for its ends, mm. */
const ROOM = 9;

/** The length to hold a rule against: paper that was scaled shows at once, mm. */
const CHECK = 100;

interface PoleStripsProps {
  marks: PoleMark[];
  zero: number;
  /** Courses stand, columns are laid along the wall: the writing turns with them. */
  upright: boolean;
  title: string;
}

/** The pole on strips of paper at true size, to tape end to end; each with a check length. */
export function PoleStrips({ marks, zero, upright, title }: PoleStripsProps) {
  const strips = poleStrips(marks, STRIP.length);
  return (
    <section className="pole-strips mt-8 print:mt-0" aria-label={ui.pole.strips}>
      <h2 className="section-title no-print">{ui.pole.strips}</h2>
      <p className="no-print mb-2 max-w-prose text-sm">{ui.pole.stripsHint}</p>
      <div className="flex flex-wrap gap-[4mm]">
        {strips.map((strip, k) => (
          <Strip
            key={strip.from}
            strip={strip}
            zero={zero}
            upright={upright}
            name={`${title} ${k + 1}/${strips.length}`}
          />
        ))}
      </div>
    </section>
  );
}

interface StripProps {
  strip: PoleStrip;
  zero: number;
  upright: boolean;
  name: string;
}

function Strip({ strip: { from, to, marks }, zero, upright, name }: StripProps) {
  const height = STRIP.length + 2 * ROOM;
  const toY = (at: number) => ROOM + STRIP.length - (at - from);
  const rows = spreadLabels(marks.map(({ at }) => toY(at)));
  return (
    <svg
      width={`${STRIP.width}mm`}
      height={`${height}mm`}
      viewBox={`0 0 ${STRIP.width} ${height}`}
      role="img"
      aria-label={name}
      className="break-inside-avoid bg-white text-black"
      fill="black"
      stroke="none"
      fontSize={2.9}
    >
      <path
        d={`M0 ${ROOM}H${STRIP.width}M0 ${ROOM + STRIP.length}H${STRIP.width}`}
        stroke="black"
        strokeWidth={0.15}
        strokeDasharray="1.5 1"
      />
      <rect
        x={0.1}
        y={0.1}
        width={STRIP.width - 0.2}
        height={height - 0.2}
        fill="none"
        stroke="black"
        strokeWidth={0.2}
      />
      <text x={2} y={4} fontWeight={700}>
        {name}
      </text>
      <text x={2} y={height - 2.5}>
        {upright ? ui.pole.foot : ui.pole.footColumns}
      </text>
      <g stroke="black" strokeWidth={0.25}>
        <path
          d={`M${STRIP.width - 3} ${ROOM + 4}v${CHECK}M${STRIP.width - 5} ${ROOM + 4}h4M${STRIP.width - 5} ${ROOM + 4 + CHECK}h4`}
          data-check={CHECK}
        />
      </g>
      <text
        transform={`translate(${STRIP.width - 4} ${ROOM + 4 + CHECK / 2}) rotate(-90)`}
        textAnchor="middle"
      >
        {ui.pole.check(CHECK)}
      </text>
      {marks.map((mark, k) => {
        const y = toY(mark.at);
        const row = rows[k] ?? y;
        const main = mark.code !== "tile" && mark.code !== "course";
        return (
          <g key={`${mark.code}/${mark.at}/${mark.of ?? ""}`}>
            <path
              d={`M0 ${y}H8L11 ${row}`}
              fill="none"
              stroke="black"
              strokeWidth={main ? 0.5 : 0.3}
            />
            <text x={12} y={row + 1} fontWeight={main ? 700 : 450}>
              {markName(mark)} <LengthSpans mm={mark.at - zero} unit />
            </text>
          </g>
        );
      })}
      {to - from < STRIP.length && <path d={`M0 ${toY(to)}H6`} stroke="black" strokeWidth={0.6} />}
    </svg>
  );
}

/** The least distance between two lines of writing, mm. */
const LINE = 3.4;

/** Moves labels of marks that lie close together apart, in the order of the marks (upward). */
function spreadLabels(ys: number[]): number[] {
  let last = Number.POSITIVE_INFINITY;
  return ys.map((y) => {
    last = Math.min(y, last - LINE);
    return last;
  });
}
