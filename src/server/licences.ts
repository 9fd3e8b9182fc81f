import { readFileSync } from "node:fs";

/** A library that the application holds, and on what terms. */
export interface Licence {
  name: string;
  version: string;
  licence: string;
}

/** The libraries that are needed to run, by name. Read when the page about them is made. */
export function licences(): Licence[] {
  const read = (path: string) => JSON.parse(readFileSync(path, "utf8"));
  return Object.keys(read("package.json").dependencies)
    .map((name) => {
      const { version, license } = read(`node_modules/${name}/package.json`);
      return { name, version, licence: license };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}
