import { readdirSync } from "node:fs";
import { readFile, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { promisify } from "node:util";
import { brotliCompress, gzip } from "node:zlib";
import { ROOT } from "./prepare.mjs";

/** Files of fewer bytes than this fit one packet as they are. */
const LEAST_BYTES = 1024;

// Packed once and as small as can be, instead of quickly at each request.
const folder = join(ROOT, "dist/client/_astro");
const paths = readdirSync(folder)
  .filter((name) => /\.(js|css|svg|ttf)$/.test(name))
  .map((name) => join(folder, name));
await Promise.all(
  paths.map(async (path) => {
    const plain = await readFile(path);
    if (plain.length < LEAST_BYTES) return;
    const [br, gz] = await Promise.all([
      promisify(brotliCompress)(plain),
      promisify(gzip)(plain, { level: 9 }),
    ]);
    await Promise.all([writeFile(`${path}.br`, br), writeFile(`${path}.gz`, gz)]);
  }),
);
