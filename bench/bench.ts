import { writeFileSync } from "node:fs";
import { SAMPLE_NAMES, sampleProject } from "../core/testing.ts";
import { measureDrag } from "./dragging.ts";
import { dropsGap } from "./drops.ts";
import { measureMany } from "./many.ts";
import { measureOpening } from "./opening.ts";
import { packingGaps } from "./packing.ts";
import { planMs, plansMs, ratioToClippingAll } from "./planning.ts";
import { replanRatios } from "./replanning.ts";
import { framesDuringSearch, searchSpeed, twoWaySeconds } from "./searching.ts";
import { stressProject } from "./stress.ts";

const figures: Record<string, number> = {};

plansMs(SAMPLE_NAMES.map(sampleProject)).forEach((ms, k) => {
  figures[`plan.${SAMPLE_NAMES[k]}.ms`] = ms;
});

const stress = stressProject();
figures["plan.stress.ms"] = planMs(stress, 20, 60);
const { ours, clipping, ratio } = ratioToClippingAll(stress);
figures["plan.stress.layMs"] = ours;
figures["plan.stress.clippingAllMs"] = clipping;
figures["plan.stress.ratioToClippingAll"] = ratio;
figures["plan.stress.wholeToClippingAll"] = clipping / (figures["plan.stress.ms"] as number);
for (const name of SAMPLE_NAMES) {
  Object.assign(figures, replanRatios(name, sampleProject(name), 100));
}
Object.assign(figures, replanRatios("stress", stress, 12));
Object.assign(figures, packingGaps());
Object.assign(figures, dropsGap());
Object.assign(figures, searchSpeed(sampleProject("walk-in-shower")));
Object.assign(figures, twoWaySeconds());
Object.assign(figures, await framesDuringSearch());
Object.assign(figures, await measureDrag());
Object.assign(figures, await measureOpening());
Object.assign(figures, await measureMany());

for (const [name, value] of Object.entries(figures)) {
  console.log(`${name.padEnd(34)} ${value.toFixed(2).padStart(10)}`);
}
writeFileSync(new URL("latest.json", import.meta.url), `${JSON.stringify(figures, null, 2)}\n`);
