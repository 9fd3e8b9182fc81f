/** How many times as large a deviation is drawn, and how far off its plan at the most, px. */
const ENLARGED = 15;
const FARTHEST = 70;

/** How many times as large deviations are drawn, by the largest of them as it would be seen, px. */
export function enlargedBy(mostPx: number): number {
  return Math.min(ENLARGED, FARTHEST / Math.max(mostPx, 1e-6));
}
