import type { APIRoute } from "astro";
import {
  airReadings,
  INSTRUMENTS,
  type Instrument,
  lengthReadings,
} from "../../../../core/instruments/simulated.ts";
import { notAllowed, problem } from "../../../server/problem.ts";
import { said } from "../../../server/said.ts";

/** A stand-in switches itself off after so many readings, as a laser measure does. */
const LONGEST = 600;

/** Time between readings unless the address says otherwise, ms. */
const PACE = 300;

/** Streams at the same time at most: each holds a connection open for minutes. */
const MOST_STREAMS = 24;

let streams = 0;

/** A simulated instrument as a stream of events: one JSON reading in each. */
export const GET: APIRoute = ({ params, url, request }) => {
  const words = said(request);
  const instrument = INSTRUMENTS.find((name) => name === params.instrument);
  if (!instrument) {
    const { title, message } = words.noInstrument;
    return problem(404, title, [{ path: "instrument", message: message(INSTRUMENTS.join(", ")) }]);
  }
  const numbers = {
    near: numberIn(url, "near", 1200, -30_000, 30_000),
    seed: numberIn(url, "seed", 1, 0, 4_294_967_295),
    count: numberIn(url, "count", 120, 1, LONGEST),
    every: numberIn(url, "every", PACE, 10, 60_000),
  };
  const errors = Object.entries(numbers)
    .filter(([, value]) => value === undefined)
    .map(([path]) => ({ path, message: words.noNumber.message(path) }));
  if (errors.length > 0) return problem(400, words.noNumber.title, errors);
  if (streams >= MOST_STREAMS) {
    const { title, instruments: message } = words.busy;
    return problem(503, title, [{ path: "", message }], { "retry-after": "60" });
  }
  const { near = 0, seed = 0, count = 0, every = PACE } = numbers;
  return new Response(stream(readings(instrument, near, seed), count, every, request.signal), {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store" },
  });
};

export const ALL: APIRoute = notAllowed("GET");

function readings(instrument: Instrument, near: number, seed: number): Generator<object> {
  return instrument === "thermo-hygrometer"
    ? airReadings(seed)
    : lengthReadings(instrument, near, seed);
}

function numberIn(
  url: URL,
  name: string,
  otherwise: number,
  least: number,
  most: number,
): number | undefined {
  const text = url.searchParams.get(name);
  if (text === null) return otherwise;
  const value = Number(text);
  return text.trim() !== "" && value >= least && value <= most ? value : undefined;
}

function stream(
  source: Generator<object>,
  count: number,
  every: number,
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sent = 0;
  let isOn = true;
  streams += 1;
  const stop = () => {
    clearTimeout(timer);
    if (isOn) streams -= 1;
    isOn = false;
  };
  return new ReadableStream({
    start(controller) {
      const send = () => {
        if (!isOn) return;
        controller.enqueue(encoder.encode(`data: ${JSON.stringify(source.next().value)}\n\n`));
        sent += 1;
        if (sent >= count) {
          stop();
          controller.close();
        } else timer = setTimeout(send, every);
      };
      signal.addEventListener("abort", stop);
      send();
    },
    cancel: stop,
  });
}
