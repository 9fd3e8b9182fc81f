import { writeFileSync } from "node:fs";
import { boxOf, circleRing, type Point } from "../core/geometry/polygon.ts";
import { homography, mapped, type Quad, wallCorners } from "../core/measure/homography.ts";
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

/** A bare wall seen from beside it: what comes through it, the level line, and where its corners are. */
function bareWall(): string {
  const tub = planProject(sampleProject("tub-under-cupboards"));
  const job = sampleProject("tub-under-cupboards");
  const wall = tub.walls[2];
  const marked = job.walls[2]?.photo?.corners;
  const seen = marked?.map(([x, y]) => [x * SIZE.width, y * SIZE.height]) as Quad | undefined;
  const toPhoto = wall && seen && homography(wallCorners(wall.measured), seen);
  if (!wall || !toPhoto) throw new Error("no marked wall");
  const path = (ring: Point[]) =>
    `M${ring
      .map((at) =>
        mapped(toPhoto, at)
          .map((v) => v.toFixed(1))
          .join(" "),
      )
      .join("L")}Z`;
  const { minX, maxX, minY, maxY } = boxOf(wall.region);
  const strip = (x0: number, x1: number, y0: number, y1: number): Point[] => [
    [x0, y0],
    [x1, y0],
    [x1, y1],
    [x0, y1],
  ];
  const pipes = wall.fixtures.map(({ centre, fixture: { pipe } }) => {
    const hole = path([...circleRing(centre, pipe * 1.25)]);
    return `<path d="${hole}" fill="#3d3a36"/><path d="${path([...circleRing(centre, pipe)])}" fill="#b06a45" stroke="#6e4027"/>`;
  });
  const patches = [0.18, 0.42, 0.66, 0.86].map((share, k) => {
    const y = minY + share * (maxY - minY);
    return `<path d="${path(strip(minX, maxX, y, y + 46 + 9 * k))}" fill="#cfcac0"/>`;
  });
  return `<rect width="800" height="600" fill="#a9a49b"/>
<rect y="500" width="800" height="100" fill="#eef0f0"/>
<path d="${path(strip(minX, maxX, minY, maxY))}" fill="#dcd7cd"/>${patches.join("")}
<path d="${path(strip(minX, maxX, tub.levelY - 1.5, tub.levelY + 1.5))}" fill="#44607f"/>
<path d="${path(strip(minX, maxX, maxY, maxY + 130))}" fill="#7b5f45"/>
<path d="${path(strip(minX - 60, maxX + 40, minY - 55, minY))}" fill="#f8f9f9"/>${pipes.join("")}`;
}

const PHOTOS = {
  "bare-wall": bareWall(),
  "behind-wall": framing(1),
  "tile-back": tileBack(),
  "chipped-corner": chip(),
};

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
