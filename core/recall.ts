/** Parts whose own parts count one by one, by their names; `*` is every part that is no function. */
export interface Nested {
  readonly [part: string]: Nested;
}

/** An input of which only what is read of it counts, part by part. */
export class Parts<T extends object> {
  constructor(
    readonly whole: T,
    readonly nested: Nested,
  ) {}
}

const NOTHING: Nested = {};

/** Marks an input of which a stage reads a few parts: when others change, its result stands. */
export function parts<T extends object>(whole: T, nested = NOTHING): Parts<T> {
  return new Parts(whole, nested);
}

type Inputs<I extends object> = {
  [K in keyof I]: I[K] | (I[K] extends object ? Parts<I[K]> : never);
};

/** What was read of an input, or of a part of it. */
interface Reads {
  from: object;
  values: Map<PropertyKey, unknown>;
  inner: Map<PropertyKey, Reads>;
}

interface Entry {
  inputs: Record<string, unknown>;
  /** By the names of the inputs that are taken part by part. */
  reads: Map<string, Reads>;
  result: unknown;
  /** What it asked for while it was worked out: it stays as long as this does. */
  within: string[];
}

/**
 * Results of planning by the stage and wall that they are of. A result is given again as long as
 * its inputs are the very same, lists by their members: what follows from it is then not worked out either. What a stage
 * reads of an input of many parts is noted while it runs, so that nobody has to list it.
 */
export class Recall {
  private readonly entries = new Map<string, Entry>();
  private asked = new Set<string>();
  /** What is being worked out has asked for these. */
  private within: string[] = [];

  /** One that remembers nothing costs nothing: it is for a plan that is made once. */
  constructor(private readonly remembers = true) {}

  /**
   * The result of `make`, which is pure and may not keep inputs taken part by part. A remembered one
   * stands only as long as it `holds`.
   */
  once<I extends object, R>(
    name: string,
    inputs: Inputs<I>,
    make: (inputs: I) => R,
    holds: (result: R) => boolean = () => true,
  ): R {
    const known = inputs as Record<string, unknown>;
    if (!this.remembers) return make(unwrapped(known) as I);
    const entry = this.entries.get(name);
    this.within.push(name);
    if (entry && isSame(entry, known) && holds(entry.result as R)) {
      this.ask(name);
      return entry.result as R;
    }
    this.asked.add(name);
    const outer = this.within;
    this.within = [];
    const reads: Entry["reads"] = new Map();
    const result = make(watched(known, reads) as I);
    this.entries.set(name, { inputs: known, reads, result, within: this.within });
    this.within = outer;
    return result;
  }

  /** The same; of a result that is worked out anew, what is the same as it was stays the very same. */
  kept<I extends object, R>(name: string, inputs: Inputs<I>, make: (inputs: I) => R): R {
    const before = this.entries.get(name)?.result as R | undefined;
    if (before === undefined) return this.once(name, inputs, make);
    return this.once(name, inputs, (own) => shared(before, make(own)));
  }

  private ask(name: string): void {
    this.asked.add(name);
    for (const inner of this.entries.get(name)?.within ?? []) this.ask(inner);
  }

  /** Forgets what the plan that is now done did not ask for: walls and zones that are gone. */
  tidy(): void {
    for (const name of this.entries.keys()) if (!this.asked.has(name)) this.entries.delete(name);
    this.asked = new Set();
    this.within = [];
  }
}

function isSame({ inputs, reads }: Entry, now: Record<string, unknown>): boolean {
  return Object.keys(now).every((name) => {
    const input = now[name];
    if (!(input instanceof Parts)) return isSameInput(input, inputs[name]);
    const own = reads.get(name);
    return own !== undefined && isAsRead(own, input.whole);
  });
}

/** Whether all that was read of an object is the same in another one. */
function isAsRead({ from, values, inner }: Reads, now: unknown): boolean {
  if (Object.is(from, now)) return true;
  if (typeof now !== "object" || now === null) return false;
  for (const [key, value] of values) if (!Object.is(Reflect.get(now, key), value)) return false;
  for (const [key, own] of inner) if (!isAsRead(own, Reflect.get(now, key))) return false;
  return true;
}

/** Lists are the same when their members are. */
function isSameInput(now: unknown, before: unknown): boolean {
  if (!Array.isArray(now) || !Array.isArray(before)) return Object.is(now, before);
  return now.length === before.length && now.every((item, k) => Object.is(item, before[k]));
}

function unwrapped(inputs: Record<string, unknown>): object {
  const bare: Record<string, unknown> = {};
  for (const name of Object.keys(inputs)) {
    const input = inputs[name];
    bare[name] = input instanceof Parts ? input.whole : input;
  }
  return bare;
}

function watched(inputs: Record<string, unknown>, reads: Entry["reads"]): object {
  const seen: Record<string, unknown> = {};
  for (const name of Object.keys(inputs)) {
    const input = inputs[name];
    if (input instanceof Parts) {
      const own = readsOf(input.whole);
      reads.set(name, own);
      seen[name] = watch(input.whole, input.nested, own);
    } else seen[name] = input;
  }
  return seen;
}

function readsOf(from: object): Reads {
  return { from, values: new Map(), inner: new Map() };
}

/** The object as it is, noting what is read of it. */
function watch<T extends object>(source: T, nested: Nested, reads: Reads): T {
  const watchers = new Map<PropertyKey, object>();
  return new Proxy(source, {
    get(whole, key) {
      const value: unknown = Reflect.get(whole, key);
      const deeper = nested[key as string] ?? nested["*"];
      if (!deeper || typeof value !== "object" || value === null) {
        reads.values.set(key, value);
        return value;
      }
      let watcher = watchers.get(key);
      if (!watcher) {
        const inner = readsOf(value);
        reads.inner.set(key, inner);
        watcher = watch(value, deeper, inner);
        watchers.set(key, watcher);
      }
      return watcher;
    },
    ownKeys() {
      throw new Error("an input is taken part by part, never as a whole");
    },
  });
}

/** Results are taken over down to their fields and the members of these: what is below belongs together. */
const DEEP_ENOUGH = 2;

/**
 * What of two results is the same, as it was before: the very same object where all of it is, else
 * the new one with fields, down to a depth, that are the same taken from before. Below it an object
 * is taken over whole or not at all, since its parts may know each other by identity. Numbers in
 * typed arrays are not compared.
 */
export function shared<T>(before: T | undefined, after: T, depth = DEEP_ENOUGH): T {
  if (depth === 0) return isEqual(before, after) ? (before as T) : after;
  if (Object.is(before, after) || !isAlike(before, after)) return after;
  const was = before as Record<string, unknown>;
  const merged = (Array.isArray(after) ? [...after] : { ...after }) as Record<string, unknown>;
  const keys = Object.keys(merged);
  let isSame = keys.length === Object.keys(was).length;
  for (const key of keys) {
    merged[key] = shared(was[key], merged[key], depth - 1);
    isSame &&= Object.is(was[key], merged[key]) && key in was;
  }
  return (isSame ? before : merged) as T;
}

function isEqual(p: unknown, q: unknown): boolean {
  if (Object.is(p, q)) return true;
  if (!isAlike(p, q)) return false;
  if (Array.isArray(p)) {
    const other = q as unknown as unknown[];
    return p.length === other.length && p.every((item, k) => isEqual(item, other[k]));
  }
  const [own, other] = [p as Record<string, unknown>, q as Record<string, unknown>];
  let count = 0;
  for (const key in own) {
    if (!isEqual(own[key], other[key]) || !(key in other)) return false;
    count++;
  }
  return count === Object.keys(other).length;
}

/** Both lists, or both plain objects. */
function isAlike(p: unknown, q: unknown): boolean {
  if (typeof p !== "object" || typeof q !== "object" || p === null || q === null) return false;
  const kind = Object.getPrototypeOf(p);
  const isPlain = kind === Array.prototype || kind === Object.prototype;
  return isPlain && kind === Object.getPrototypeOf(q);
}
