/** Readings of one length that differ by more than this cannot all be right, mm. */
export const SPREAD_LIMIT = 4;

/** Several readings of one length, judged together. Nothing is averaged. */
export interface SeriesVerdict {
  /** Largest less smallest, mm. */
  spread: number;
  agrees: boolean;
  /** Places of the readings that stand away from the middle one. */
  outliers: number[];
}

/**
 * Judges repeated readings: those farther than the limit from the median stand out. With two that
 * disagree nobody can tell which is wrong: both stand out.
 */
export function judgeSeries(readings: number[]): SeriesVerdict {
  if (readings.length === 0) return { spread: 0, agrees: true, outliers: [] };
  const sorted = [...readings].sort((a, b) => a - b);
  const spread = (sorted[sorted.length - 1] ?? 0) - (sorted[0] ?? 0);
  const middle = medianOf(sorted);
  const limit = readings.length === 2 ? SPREAD_LIMIT / 2 : SPREAD_LIMIT;
  const outliers = readings.flatMap((mm, k) => (Math.abs(mm - middle) > limit ? [k] : []));
  return { spread, agrees: spread <= SPREAD_LIMIT, outliers };
}

function medianOf(sorted: number[]): number {
  const half = sorted.length >> 1;
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 === 1 ? upper : (upper + (sorted[half - 1] ?? 0)) / 2;
}
