import type { APIRoute } from "astro";
import {
  DOCUMENTS,
  isDocument,
  isPackPart,
  isPaper,
  PACK_PARTS,
  PAPER_NAMES,
} from "../../../documents/names.ts";
import { answerWithPlan } from "../../../server/planning.ts";
import { notAllowed, problem } from "../../../server/problem.ts";

/** A document of the project file that is sent; `?paper=` and `?parts=` for PDFs. */
export const POST: APIRoute = async ({ request, params, url }) => {
  const { name = "" } = params;
  if (!isDocument(name)) {
    const message = `There is no such document. Ask for one of: ${DOCUMENTS.join(", ")}.`;
    return problem(404, "No such document", [{ path: "", message }]);
  }
  const paper = url.searchParams.get("paper")?.toLowerCase() ?? undefined;
  if (paper !== undefined && !isPaper(paper)) {
    const message = `paper must be one of: ${PAPER_NAMES.join(", ")}.`;
    return problem(400, "Unknown paper", [{ path: "paper", message }]);
  }
  const parts = url.searchParams.get("parts")?.split(",").filter(Boolean);
  if (parts && (parts.length === 0 || !parts.every(isPackPart))) {
    const message = `parts must be some of: ${PACK_PARTS.join(", ")}.`;
    return problem(400, "Unknown part", [{ path: "parts", message }]);
  }
  const response = await answerWithPlan(request, { name, paper, parts });
  if (response.status === 200) {
    response.headers.set("content-disposition", `attachment; filename="${name}"`);
  }
  return response;
};

export const ALL: APIRoute = notAllowed("POST");
