import { problem } from "./problem.ts";

/** The application resizes no images: the framework's endpoint for it is closed. */
export const GET = () =>
  problem(404, "Not found", [{ path: "", message: "There is nothing at this address." }]);
