import type { APIRoute } from "astro";
import { z } from "zod";
import { planFileSchema } from "../../../core/plan-file.ts";
import { projectSchema } from "../../../core/project/schema.ts";
import { problem } from "../api/_problem.ts";

const SCHEMAS = { project: projectSchema, plan: planFileSchema };

export const GET: APIRoute = ({ params }) => {
  const schema = SCHEMAS[params.name as keyof typeof SCHEMAS];
  if (schema) return Response.json(z.toJSONSchema(schema, { io: "input" }));
  const message = "There are /schema/project.json and /schema/plan.json.";
  return problem(404, "No such schema", [{ path: "name", message }]);
};
