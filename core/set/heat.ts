/** At this air mortar and grout keep the times of the trade, °C. */
const TEMPERATE_C = 21;

/** Over so many degrees a time would be gone altogether; it is never changed by more than a third. */
const SPAN_C = 30;
const MOST_CHANGE = 1 / 3;

/**
 * How long mortar and grout can be worked in air of a temperature, as a share of the time in temperate
 * air: grout 40 minutes in the cold, 20 in heat, where it is 30 between. Trade practice; the product's
 * data sheet wins.
 */
export function heatFactor(tempC: number): number {
  const change = (TEMPERATE_C - tempC) / SPAN_C;
  return 1 + Math.min(MOST_CHANGE, Math.max(-MOST_CHANGE, change));
}
