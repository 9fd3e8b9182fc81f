import { expose, transfer } from "comlink";
import { type Unpacked, unpack } from "./unpack.ts";

/** Unpacks a ZIP off the main thread: a hostile one makes nothing else wait. */
const api = {
  unpack(zip: Uint8Array): Unpacked {
    const unpacked = unpack(zip);
    if (!unpacked.ok) return unpacked;
    return transfer(
      unpacked,
      [...unpacked.files.values()].map(({ buffer }) => buffer),
    );
  },
};

export type UnpackWorker = typeof api;

expose(api);
