import type { APIRoute } from "astro";
import { SAMPLES } from "../../../../samples/samples.ts";
import { notAllowed, problem } from "../../../server/problem.ts";
import { said } from "../../../server/said.ts";

export const GET: APIRoute = ({ params, request }) => {
  const sample = SAMPLES.find(({ id }) => id === params.id);
  if (sample) return Response.json(sample);
  const { title, message } = said(request).noSample;
  return problem(404, title, [{ path: "id", message }]);
};

export const ALL: APIRoute = notAllowed("GET");
