import { writeFileSync } from "node:fs";
import { boxOf } from "../core/geometry/polygon.ts";
import { planProject } from "../core/plan.ts";
import { sampleProject } from "../core/testing.ts";
import { Page } from "../tests/browser/browser.ts";

/** Makes the photos of the sample jobs: pictures drawn from the plan, as nobody's wall was photographed. */
const FOLDER = new URL("../samples/photos/", import.meta.url);

const SIZE = { width: 800, height: 600 };

const project = sampleProject("banded-bath");
const plan = planProject(project);

/** The framing behind a wall: studs and a pipe at a fixture. */
function framing(wall: number): string {
  const own = plan.walls[wall];
  const studs = plan.board.walls[wall]?.studs.studs ?? [];
  if (!own) throw new Error("no such wall");
  const { minX, maxX, minY, maxY } = boxOf(own.region);
  const scale = Math.max(SIZE.width / (maxX - minX), SIZE.height / (maxY - minY));
  const bars = studs.map(
    ({ x }) =>
      `<rect x="${(x - minX - 19) * scale}" y="0" width="${38 * scale}" height="600" fill="#c79a62" stroke="#8b6538"/>`,
  );
  const pipes = own.fixtures.map(
    ({ centre: [x, y] }) =>
      `<path d="M${(x - minX) * scale} ${(maxY - y) * scale}V600" stroke="#b06a45" stroke-width="14"/><circle cx="${(x - minX) * scale}" cy="${(maxY - y) * scale}" r="22" fill="#8c9196"/>`,
  );
  return `<rect width="800" height="600" fill="#6f6458"/>${bars.join("")}${pipes.join("")}`;
}

/** The back of a tile that was pulled: ridges that were pressed flat, but for one corner. */
function tileBack(): string {
  const ridges = Array.from(
    { length: 26 },
    (_, k) =>
      `<path d="M40 ${40 + k * 20}H${k < 3 ? 640 : 760}" stroke="#9aa0a3" stroke-width="17"/>`,
  );
  return `<rect width="800" height="600" fill="#4d4a46"/><rect x="30" y="25" width="740" height="550" fill="#d8cbb8"/>${ridges.join("")}`;
}

/** A corner of a tile that is chipped. */
function chip(): string {
  return `<rect width="800" height="600" fill="#b9b6b0"/>
<rect x="10" y="10" width="380" height="280" fill="#dfe3e2"/><rect x="410" y="10" width="380" height="280" fill="#dfe3e2"/>
<rect x="10" y="310" width="380" height="280" fill="#dfe3e2"/><rect x="410" y="310" width="380" height="280" fill="#dfe3e2"/>
<path d="M410 310l46 0l-12 22l-20 10l-14 28z" fill="#a8553d"/>`;
}

const PHOTOS = { "behind-wall": framing(1), "tile-back": tileBack(), "chipped-corner": chip() };

const page = await Page.open(SIZE.width, SIZE.height);
try {
  for (const [name, drawing] of Object.entries(PHOTOS)) {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600">${drawing}</svg>`;
    const data = await page.driver.executeAsyncScript<string>(
      `const [svg, done] = arguments;
       const image = new Image();
       image.onload = () => {
         const canvas = Object.assign(document.createElement("canvas"), { width: 800, height: 600 });
         canvas.getContext("2d").drawImage(image, 0, 0);
         done(canvas.toDataURL("image/jpeg", 0.8).split(",")[1]);
       };
       image.src = "data:image/svg+xml;base64," + btoa(svg);`,
      svg,
    );
    writeFileSync(new URL(`${name}.jpg`, FOLDER), data, "base64");
    console.log(`${name}.jpg`);
  }
} finally {
  await page.close();
}
