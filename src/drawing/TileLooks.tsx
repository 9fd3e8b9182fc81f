import { patternId, type TileLook, useJobLook } from "./tile-look.ts";

/** Patterns of the tiles that have more than a colour. In mm, as the walls are drawn. */
export function TileLooks() {
  const { field, zones } = useJobLook();
  const looks = new Map([field, ...Object.values(zones)].map((look) => [look.id, look]));
  return (
    <defs>
      {[...looks.values()]
        .filter(({ surface }) => surface !== "plain")
        .map((look) => (
          <Face key={look.id} look={look} />
        ))}
    </defs>
  );
}

/** How far a pattern goes before it comes again, mm. */
const SIZES = {
  plain: [100, 100],
  veined: [730, 470],
  grained: [640, 96],
  speckled: [74, 74],
} as const;

function Face({ look: { id, colour, surface } }: { look: TileLook }) {
  const [width, height] = SIZES[surface];
  const marks = { stroke: "#000000", strokeOpacity: 0.1, fill: "none" };
  return (
    <pattern id={patternId(id)} width={width} height={height} patternUnits="userSpaceOnUse">
      <rect width={width} height={height} fill={colour ?? "var(--tile)"} />
      {surface === "veined" && (
        <path
          {...marks}
          strokeWidth={5}
          d="M-20 130C140 40 200 260 380 170S610 330 750 250M60 480C150 350 330 420 430 300S640 90 760 20M300 -10C330 60 420 40 470 110"
        />
      )}
      {surface === "grained" && (
        <path
          {...marks}
          strokeWidth={3}
          d="M0 14C160 6 320 24 640 14M0 40C220 54 420 30 640 40M0 62C120 56 260 70 640 62M0 84C200 92 380 74 640 84"
        />
      )}
      {surface === "speckled" && (
        <path
          stroke="#000000"
          strokeOpacity={0.3}
          strokeLinecap="round"
          strokeWidth={4}
          d="M9 13h0M31 47h0M58 22h0M44 68h0M67 55h0M18 62h0"
        />
      )}
    </pattern>
  );
}
