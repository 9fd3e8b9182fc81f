import type { APIRoute } from "astro";
import { planProject } from "../../../core/plan.ts";
import { planFile } from "../../../core/plan-file.ts";
import { parseProjectText } from "../../../core/project/parse.ts";
import { fieldIssueWords } from "../../../core/words/en.ts";
import { problem } from "./_problem.ts";

/** Larger bodies are refused, bytes. */
const LARGEST_BODY = 8 * 1024 * 1024;

export const POST: APIRoute = async ({ request }) => {
  const type = request.headers.get("content-type") ?? "";
  if (!/^application\/(json|[\w.-]+\+json)/i.test(type)) {
    const message = "Send a project file as application/json.";
    return problem(415, "Not JSON", [{ path: "", message }]);
  }
  const body = await readBody(request);
  if (body === undefined) {
    const message = "A project file may be 8 MB at most.";
    return problem(413, "Too large", [{ path: "", message }]);
  }
  const parsed = parseProjectText(body);
  if (!parsed.ok) {
    const errors = parsed.issues.map((issue) => ({
      path: issue.path,
      message: fieldIssueWords(issue),
    }));
    return problem(400, "Not a valid project file", errors);
  }
  return Response.json(planFile(parsed.project, planProject(parsed.project)));
};

/** The body as text; undefined as soon as it grows too large, whatever its header promised. */
async function readBody(request: Request): Promise<string | undefined> {
  if (Number(request.headers.get("content-length") ?? 0) > LARGEST_BODY) return undefined;
  const reader = request.body?.getReader();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = (await reader?.read()) ?? { done: true, value: undefined };
    if (done || !value) break;
    size += value.byteLength;
    if (size > LARGEST_BODY) return undefined;
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString("utf8");
}
