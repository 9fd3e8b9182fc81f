import { existsSync } from "node:fs";
import { join } from "node:path";
import { type DocumentAsked, PlannerPool, type PlanOutcome } from "./planner-pool.ts";
import { problem } from "./problem.ts";
import { languageOfRequest, said } from "./said.ts";

/** Larger bodies are refused, bytes. */
const LARGEST_BODY = 8 * 1024 * 1024;

const LIMITS = {
  processes: 2,
  waiting: 16,
  timeMs: Number(process.env.DINTEL_PLAN_MS ?? 9000),
  heapMb: 320,
};

/** Bundled by the build; while developing, as it is written. */
const BUNDLED = join(process.cwd(), "dist/planner/child.mjs");

const pool = existsSync(BUNDLED)
  ? new PlannerPool(BUNDLED, LIMITS)
  : new PlannerPool(join(process.cwd(), "src/server/planner-child.ts"), LIMITS, [
      "--import",
      "tsx",
    ]);
pool.warm();

/** Plans the project file of a request, or makes a document of it; every way to fail has its answer. */
export async function answerWithPlan(
  request: Request,
  document?: DocumentAsked,
): Promise<Response> {
  const type = request.headers.get("content-type") ?? "";
  if (!/^application\/json\s*(;|$)/i.test(type)) {
    const { title, message } = said(request).notJson;
    return problem(415, title, [{ path: "", message }]);
  }
  const body = await readBody(request);
  if (body === undefined) {
    const { title, message } = said(request).tooLarge;
    return problem(413, title, [{ path: "", message }]);
  }
  const asked = { language: languageOfRequest(request), document };
  return responseFor(await pool.plan(body, request.signal, asked), said(request));
}

function responseFor(outcome: PlanOutcome, words: ReturnType<typeof said>): Response {
  switch (outcome.kind) {
    case "answer":
      return new Response(outcome.body as BodyInit, {
        status: outcome.status,
        headers: { "content-type": outcome.type },
      });
    case "too-large": {
      const { title, message } = words.tooLargeToPlan;
      const text = message(outcome.limit, outcome.about);
      return problem(422, title, [{ path: "", message: text }]);
    }
    case "busy": {
      const { title, planner } = words.busy;
      return problem(503, title, [{ path: "", message: planner }], { "retry-after": "5" });
    }
    case "gone":
      return new Response(null, { status: 499 });
    default:
      return outcome satisfies never;
  }
}

/** The body's bytes; undefined as soon as it grows too large, whatever its header promised. */
async function readBody(request: Request): Promise<Uint8Array | undefined> {
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
  return Buffer.concat(chunks);
}
