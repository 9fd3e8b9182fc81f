/*
 * Stand-ins for the instruments of a site: they ship with the application, so that it can be tried
 * and tested without any. Given one seed they always say the same.
 */

export const INSTRUMENTS = ["laser", "level", "thermo-hygrometer"] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** One reading of a laser measure or digital level, mm; none when the beam found nothing. */
export interface LengthReading {
  seq: number;
  mm: number | undefined;
}

/** One reading of the air. */
export interface AirReading {
  seq: number;
  tempC: number;
  humidity: number;
}

/** Standard deviation of a good reading, mm: a laser's data sheet says ± 1.5, two of these. */
const NOISE: Record<"laser" | "level", number> = { laser: 0.75, level: 0.4 };

/** One in so many readings goes wrong. */
const BAD_ONE_IN = 14;

/** Random numbers from 0 to 1 that follow from a seed (a 32-bit mixing generator). */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/**
 * Readings of a laser measure held on a length, or of a digital level's lean: the truth with noise,
 * now and then one that hit something in between, or nothing at all.
 */
export function* lengthReadings(
  instrument: "laser" | "level",
  truth: number,
  seed: number,
): Generator<LengthReading> {
  const random = randomFrom(seed);
  for (let seq = 1; ; seq++) {
    const chance = random();
    const mm = truth + NOISE[instrument] * normal(random);
    if (chance < 0.3 / BAD_ONE_IN) yield { seq, mm: undefined };
    else if (chance < 1 / BAD_ONE_IN) yield { seq, mm: rounded(mm - 25 - 220 * random()) };
    else yield { seq, mm: rounded(mm) };
  }
}

/** Readings of the air of a bathroom that was just worked in: it drifts slowly. */
export function* airReadings(seed: number): Generator<AirReading> {
  const random = randomFrom(seed);
  let [tempC, humidity] = [17 + 6 * random(), 45 + 25 * random()];
  for (let seq = 1; ; seq++) {
    tempC = between(tempC + 0.1 * normal(random), 8, 34);
    humidity = between(humidity + 0.4 * normal(random), 20, 95);
    yield { seq, tempC: rounded(tempC), humidity: Math.round(humidity) };
  }
}

function between(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}

function rounded(value: number): number {
  return Math.round(value * 10) / 10;
}
