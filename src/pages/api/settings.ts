import type { APIRoute } from "astro";
import { notAllowed } from "../../server/problem.ts";

/** How this server is run: whether a new browser is given the sample jobs. */
export const GET: APIRoute = () => Response.json({ samples: process.env.DINTEL_SAMPLES === "1" });

export const ALL: APIRoute = notAllowed("GET");
