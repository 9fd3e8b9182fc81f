import { isPage, type Page } from "./view-store.ts";

/** What an address points at: the list of jobs, or a job and where in it somebody looks. */
export type Place =
  | { kind: "jobs" }
  | {
      kind: "job";
      job: string;
      page?: Page | undefined;
      wall?: string | undefined;
      /** The number of a cut as it is written on its ticket, such as B12. */
      cut?: string | undefined;
    }
  | { kind: "unknown" };

/** Where jobs are listed. */
export const JOBS = "/jobs";

/** Reads an address; a page or a wall that is not known is left out, any other path is unknown. */
export function placeOf(address: string): Place {
  const { pathname, searchParams } = new URL(address, "http://dintel");
  const [root, job, page, cut, ...more] = pathname.split("/").filter(Boolean).map(decoded);
  // Addresses of the first release.
  const asked = searchParams.get("job");
  if (root === undefined && asked !== null) return { kind: "job", job: asked };
  if (root === undefined || (root === "jobs" && job === undefined)) return { kind: "jobs" };
  if (root !== "jobs" || job === undefined || more.length > 0) return { kind: "unknown" };
  return {
    kind: "job",
    job,
    page: page !== undefined && isPage(page) ? page : undefined,
    wall: searchParams.get("wall") ?? undefined,
    cut: page === "cut" ? cut : undefined,
  };
}

/** The address of a place in a job. */
export function addressOf(job: string, page?: Page, { wall = "", cut = "" } = {}): string {
  const path = [job, page, cut].filter(Boolean).map((part) => encodeURIComponent(part as string));
  const query = wall === "" || cut !== "" ? "" : `?wall=${encodeURIComponent(wall)}`;
  return `${JOBS}/${path.join("/")}${query}`;
}

/** A part of a path; one that is badly encoded stands as it is. */
function decoded(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
}
