import type { APIRoute } from "astro";
import * as z from "zod/mini";
import { planFileSchema } from "../../../core/plan-file.ts";
import { projectSchema } from "../../../core/project/schema.ts";
import { notAllowed, problem } from "../../server/problem.ts";

const SCHEMAS = { project: projectSchema, plan: planFileSchema };

export const GET: APIRoute = ({ params }) => {
  const name = params.name ?? "";
  // An object has more names than its own: __proto__ is one of them.
  const schema = Object.hasOwn(SCHEMAS, name) && SCHEMAS[name as keyof typeof SCHEMAS];
  if (schema) return Response.json(z.toJSONSchema(schema, { io: "input" }));
  const message = "There are /schema/project.json and /schema/plan.json.";
  return problem(404, "No such schema", [{ path: "name", message }]);
};

export const ALL: APIRoute = notAllowed("GET");
