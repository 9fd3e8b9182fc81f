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
import { said } from "../../../server/said.ts";

/** A document of the project file that is sent; `?paper=` and `?parts=` for PDFs. */
export const POST: APIRoute = async ({ request, params, url }) => {
  const { name = "" } = params;
  const words = said(request);
  if (!isDocument(name)) {
    const { title, message } = words.noDocument;
    return problem(404, title, [{ path: "", message: message(DOCUMENTS.join(", ")) }]);
  }
  const paper = url.searchParams.get("paper")?.toLowerCase() ?? undefined;
  if (paper !== undefined && !isPaper(paper)) {
    const { title, message } = words.noPaper;
    return problem(400, title, [{ path: "paper", message: message(PAPER_NAMES.join(", ")) }]);
  }
  const parts = url.searchParams.get("parts")?.split(",").filter(Boolean);
  if (parts && (parts.length === 0 || !parts.every(isPackPart))) {
    const { title, message } = words.noPart;
    return problem(400, title, [{ path: "parts", message: message(PACK_PARTS.join(", ")) }]);
  }
  const response = await answerWithPlan(request, { name, paper, parts });
  if (response.status === 200) {
    response.headers.set("content-disposition", `attachment; filename="${name}"`);
  }
  return response;
};

export const ALL: APIRoute = notAllowed("POST");
