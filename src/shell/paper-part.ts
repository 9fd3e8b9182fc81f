import { Part } from "../parts/part.ts";

/** What the stages look like on paper. */
export const PAPER = new Part(async () => (await import("../print/StagePaper.tsx")).StagePaper);
