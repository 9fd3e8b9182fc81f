import type { APIRoute } from "astro";
import { problem } from "./problem.ts";
import { said } from "./said.ts";

/** The application resizes no images: the framework's endpoint for it is closed. */
export const GET: APIRoute = ({ request }) => {
  const { title, message } = said(request).notFound;
  return problem(404, title, [{ path: "", message }]);
};
