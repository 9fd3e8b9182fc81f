import type { APIRoute } from "astro";
import { SAMPLES } from "../../../../samples/samples.ts";
import { notAllowed } from "../../../server/problem.ts";

export const GET: APIRoute = () =>
  Response.json(
    SAMPLES.map(({ id, name, place }) => ({ id, name, place, href: `/api/samples/${id}` })),
  );

export const ALL: APIRoute = notAllowed("GET");
