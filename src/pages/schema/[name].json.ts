import type { APIRoute } from "astro";
import * as z from "zod/mini";
import { planFileSchema } from "../../../core/plan-file.ts";
import { projectSchema } from "../../../core/project/schema.ts";
import { notAllowed, problem } from "../../server/problem.ts";
import { said } from "../../server/said.ts";

const SCHEMAS = { project: projectSchema, plan: planFileSchema };

export const GET: APIRoute = ({ params, request }) => {
  const name = params.name ?? "";
  // An object has more names than its own: __proto__ is one of them.
  const schema = Object.hasOwn(SCHEMAS, name) && SCHEMAS[name as keyof typeof SCHEMAS];
  if (schema) return Response.json(z.toJSONSchema(schema, { io: "input" }));
  const { title, message } = said(request).noSchema;
  return problem(404, title, [{ path: "name", message }]);
};

export const ALL: APIRoute = notAllowed("GET");
