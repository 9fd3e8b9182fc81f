import type { APIRoute } from "astro";
import { SAMPLES } from "../../../../samples/samples.ts";
import { notAllowed, problem } from "../../../server/problem.ts";

export const GET: APIRoute = ({ params }) => {
  const sample = SAMPLES.find(({ id }) => id === params.id);
  if (sample) return Response.json(sample);
  const message = `There is no such sample. GET /api/samples lists them.`;
  return problem(404, "No such sample", [{ path: "id", message }]);
};

export const ALL: APIRoute = notAllowed("GET");
