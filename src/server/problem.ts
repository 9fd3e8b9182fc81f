import { said } from "./said.ts";

/** One thing that is wrong with a request. */
export interface ProblemError {
  path: string;
  message: string;
}

/** Errors listed at most: a damaged file can have thousands. */
const MOST_ERRORS = 50;

/** An answer in the form of application/problem+json, as text. */
export function problemText(status: number, title: string, errors: ProblemError[]): string {
  const shown = errors.slice(0, MOST_ERRORS);
  const more = errors.length - shown.length;
  return JSON.stringify({
    type: "about:blank",
    title,
    status,
    errors: shown,
    ...(more > 0 ? { more } : {}),
  });
}

/** An answer in the form of application/problem+json. */
export function problem(
  status: number,
  title: string,
  errors: ProblemError[],
  headers: Record<string, string> = {},
): Response {
  return new Response(problemText(status, title, errors), {
    status,
    headers: { "content-type": "application/problem+json", ...headers },
  });
}

/** The answer to every method that an endpoint does not have. */
export function notAllowed(...allowed: string[]): (context: { request: Request }) => Response {
  const allow = allowed.join(", ");
  return ({ request }) => {
    const { title, message } = said(request).noMethod;
    return problem(405, title, [{ path: "", message: message(allow) }], { allow });
  };
}
