import { Unzip, UnzipInflate } from "fflate";

/** What a ZIP may hold; what it says of itself is not believed. */
export interface UnpackLimits {
  files: number;
  /** Of one file, and of all of them, once unpacked, bytes. */
  fileBytes: number;
  allBytes: number;
  /** Of all that comes out against what went in. */
  ratio: number;
}

export const UNPACK_LIMITS: UnpackLimits = {
  files: 2000,
  fileBytes: 30 * 1024 * 1024,
  allBytes: 400 * 1024 * 1024,
  ratio: 100,
};

/** Why a ZIP was not unpacked. */
export type UnpackProblem = "damaged" | "too-many-files" | "too-large";

export type Unpacked =
  | { ok: true; files: Map<string, Uint8Array<ArrayBuffer>> }
  | { ok: false; problem: UnpackProblem };

/** So much is handed on at once: what comes out of it is counted before more goes in, bytes. */
const STEP = 16 * 1024;

/** Small ones are packed well by nature: their ratio says nothing, bytes. */
const SMALL = 4 * 1024 * 1024;

/** Unpacks a ZIP bit by bit and stops as soon as a limit is passed, whatever its header promised. */
export function unpack(zip: Uint8Array, limits = UNPACK_LIMITS): Unpacked {
  const files = new Map<string, Uint8Array<ArrayBuffer>>();
  let [seen, all, fed] = [0, 0, 0];
  let refused: UnpackProblem | undefined;
  // The reader hands on what is thrown into it as an error of its own: the first reason counts.
  const refuse = (problem: UnpackProblem): never => {
    refused ??= problem;
    throw new Error(problem);
  };
  const reader = new Unzip((file) => {
    if (++seen > limits.files) refuse("too-many-files");
    const parts: Uint8Array[] = [];
    let size = 0;
    file.ondata = (error, part, isLast) => {
      if (error) refuse("damaged");
      size += part.length;
      all += part.length;
      const isBomb = all > SMALL && all > limits.ratio * Math.max(fed, STEP);
      if (size > limits.fileBytes || all > limits.allBytes || isBomb) refuse("too-large");
      parts.push(part);
      if (isLast) files.set(file.name, joined(parts, size));
    };
    file.start();
  });
  reader.register(UnzipInflate);
  try {
    for (; fed < zip.length; fed += STEP) {
      reader.push(zip.subarray(fed, fed + STEP), fed + STEP >= zip.length);
    }
  } catch {
    return { ok: false, problem: refused ?? "damaged" };
  }
  const isWhole = files.size === seen && isZip(zip);
  return isWhole ? { ok: true, files } : { ok: false, problem: "damaged" };
}

/** A ZIP begins with the mark of its first file, or of its end where it holds none. */
function isZip(zip: Uint8Array): boolean {
  if (zip.length < 4) return false;
  const mark = new DataView(zip.buffer, zip.byteOffset).getUint32(0, true);
  return mark === 0x04034b50 || mark === 0x06054b50;
}

function joined(parts: Uint8Array[], size: number): Uint8Array<ArrayBuffer> {
  const whole = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
