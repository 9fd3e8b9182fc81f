import { counted } from "../counted.ts";

/** What the endpoints say of a request that they cannot answer, with what to do instead. */
export const problems = {
  notJson: { title: "Not JSON", message: "Send a project file as application/json." },
  tooLarge: { title: "Too large", message: "A project file may be 8 MB at most." },
  tooLargeToPlan: {
    title: "Too large to plan",
    message: (limit: "time" | "memory", about: string | undefined) => {
      const what = limit === "time" ? "takes too long" : "takes too much memory";
      const holds = about ? ` It holds ${about}.` : "";
      return `Planning this job ${what}.${holds} Part it into smaller jobs, or check its sizes.`;
    },
  },
  busy: {
    title: "Busy",
    planner: "Too many jobs are being planned. Try again in a few seconds.",
    instruments: "Too many instruments are on. Switch one off, or try again in a minute.",
  },
  notValid: { title: "Not a valid project file" },
  missing: { title: "Something is missing" },
  noMethod: { title: "Method not allowed", message: (allowed: string) => `Use ${allowed}.` },
  notFound: { title: "Not found", message: "There is nothing at this address." },
  noSchema: {
    title: "No such schema",
    message: "There are /schema/project.json and /schema/plan.json.",
  },
  noSample: {
    title: "No such sample",
    message: "There is no such sample. GET /api/samples lists them.",
  },
  noDocument: {
    title: "No such document",
    message: (names: string) => `There is no such document. Ask for one of: ${names}.`,
  },
  noPaper: {
    title: "Unknown paper",
    message: (names: string) => `paper must be one of: ${names}.`,
  },
  noPart: {
    title: "Unknown part",
    message: (names: string) => `parts must be some of: ${names}.`,
  },
  noInstrument: {
    title: "No such instrument",
    message: (names: string) => `There is no such instrument. Use one of: ${names}.`,
  },
  noNumber: {
    title: "Not a valid request",
    message: (name: string) => `${name} must be a number within its limits.`,
  },
  /** What makes a job large. */
  holds: {
    walls: (n: number) => counted(n, "wall"),
    openings: (n: number) => counted(n, "opening"),
    fixtures: (n: number) => counted(n, "fixture"),
    readings: (n: number) => counted(n, "reading"),
    zones: (n: number) => counted(n, "zone"),
    tile: (width: number, height: number) => `tile of ${width} × ${height} mm`,
  },
};
