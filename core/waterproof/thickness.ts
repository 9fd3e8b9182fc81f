import { sumTerms, type Term } from "../figure.ts";
import { SAME_MM } from "../limits.ts";
import type { Job } from "../project/job.ts";

/** How thick the film of a wall is, by what was used of the pail and by the gauge. */
export interface ThicknessCheck {
  /** Litres that were logged on this wall; none when nobody logged any. */
  usedL: number | undefined;
  /** Wet film that they make over all coats, mm: (used ÷ (1 + waste) − strips) ÷ area. */
  averageWft: number | undefined;
  /** Film wanted over all coats: coats × film per coat, mm. */
  targetWft: number;
  /** What is still to be put on, with waste, L; 0 when it is enough. */
  addL: number;
  /** Film once it is dry, mm: wet film × solids. */
  expectedDft: number | undefined;
  listedDft: number;
  gauge: GaugeCheck[];
  /** Enough by the gauge: enough places in every coat and none below. An average never proves it. */
  proven: boolean;
}

/** Gauge readings of one coat. */
export interface GaugeCheck {
  coat: number;
  places: number;
  wanted: number;
  /** The thinnest reading, mm; none without readings. */
  least: number | undefined;
  thin: number;
}

/** Readings may be this much below the target and still count as on it, mm: half a gauge tooth. */
const GAUGE_TOOTH = 0.0125;

/** Checks the film of one wall. */
export function checkThickness(
  job: Pick<Job, "film" | "settings">,
  wall: string,
  areaM2: number,
  strips: Term[],
): ThicknessCheck {
  const coats = job.settings.coats;
  const perCoat = job.settings.coatWft;
  const waste = 1 + job.settings.membraneWaste;
  const logged = job.film.coats.filter((coat) => coat.wall === wall);
  const litres = logged.flatMap((coat) => (coat.litres === undefined ? [] : [coat.litres]));
  const usedL = litres.length > 0 ? litres.reduce((sum, value) => sum + value, 0) : undefined;
  const stripL = sumTerms(strips) * (job.settings.stripWidth / 1000) * perCoat;
  const averageWft =
    usedL === undefined || areaM2 <= 0 ? undefined : Math.max(0, (usedL / waste - stripL) / areaM2);
  const targetWft = coats * perCoat;
  const missing = averageWft === undefined ? 0 : Math.max(0, targetWft - averageWft);
  const gauge = Array.from({ length: coats }, (_, k) => gaugeCheck(job, wall, k + 1, perCoat));
  return {
    usedL,
    averageWft,
    targetWft,
    addL: missing < SAME_MM ? 0 : missing * areaM2 * waste,
    expectedDft: averageWft === undefined ? undefined : averageWft * job.settings.solids,
    listedDft: job.settings.listedDft,
    gauge,
    proven: gauge.every(({ places, wanted, thin }) => places >= wanted && thin === 0),
  };
}

function gaugeCheck(
  job: Pick<Job, "film" | "settings">,
  wall: string,
  coat: number,
  target: number,
): GaugeCheck {
  const readings = job.film.gauge
    .filter((reading) => reading.wall === wall && reading.coat === coat)
    .map(({ wft }) => wft);
  return {
    coat,
    places: readings.length,
    wanted: job.settings.gaugePlaces,
    least: readings.length > 0 ? Math.min(...readings) : undefined,
    thin: readings.filter((wft) => wft < target - GAUGE_TOOTH).length,
  };
}
