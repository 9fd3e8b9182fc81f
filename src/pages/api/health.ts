import type { APIRoute } from "astro";
import { notAllowed } from "../../server/problem.ts";

export const GET: APIRoute = () => Response.json({ ok: true });

export const ALL: APIRoute = notAllowed("GET");
