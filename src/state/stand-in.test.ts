import assert from "node:assert/strict";
import { afterEach, beforeEach, test } from "node:test";
import { lengthReadings } from "../../core/instruments/simulated.ts";
import { listenTo } from "./stand-in.ts";

/** An event source that the test speaks through. */
class FakeSource {
  static last: FakeSource;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  closed = false;
  constructor(readonly address: string) {
    FakeSource.last = this;
  }
  close(): void {
    this.closed = true;
  }
}

const before = globalThis.EventSource;
beforeEach(() => {
  globalThis.EventSource = FakeSource as unknown as typeof EventSource;
});
afterEach(() => {
  globalThis.EventSource = before;
});

function listen(count = 3) {
  const heard: unknown[] = [];
  let quiet = 0;
  const stop = listenTo(
    { address: "/api/x?seed=1", here: () => lengthReadings("laser", 1000, 1), count, every: 1 },
    { onReading: (reading) => heard.push(reading), onQuiet: () => quiet++ },
  );
  return { heard, stop, quiet: () => quiet, source: FakeSource.last };
}

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

test("with a server its readings are heard, and that it went quiet", () => {
  const { heard, quiet, source } = listen();
  assert.equal(source.address, "/api/x?seed=1&every=1&count=3");
  source.onmessage?.({ data: '{"seq":1,"mm":1000}' });
  source.onerror?.();
  assert.deepEqual([heard, quiet(), source.closed], [[{ seq: 1, mm: 1000 }], 1, true]);
});

test("without a server the same instrument is heard here, and switches itself off as there", async () => {
  const { heard, quiet, source } = listen(3);
  source.onerror?.();
  await later(60);
  const own = lengthReadings("laser", 1000, 1);
  assert.deepEqual(heard, [own.next().value, own.next().value, own.next().value]);
  assert.equal(quiet(), 1);
});

test("one that is put away is silent", async () => {
  const { heard, stop, quiet, source } = listen(50);
  source.onerror?.();
  stop();
  const count = heard.length;
  await later(20);
  assert.equal(heard.length, count);
  assert.equal(quiet(), 0);
});
