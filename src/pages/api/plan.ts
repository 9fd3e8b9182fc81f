import type { APIRoute } from "astro";
import { answerWithPlan } from "../../server/planning.ts";
import { notAllowed } from "../../server/problem.ts";

export const POST: APIRoute = ({ request }) => answerWithPlan(request);

export const ALL: APIRoute = notAllowed("POST");
