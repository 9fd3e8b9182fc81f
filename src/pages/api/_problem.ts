/** One thing that is wrong with a request. */
export interface ProblemError {
  path: string;
  message: string;
}

/** An answer in the form of application/problem+json. */
export function problem(status: number, title: string, errors: ProblemError[]): Response {
  return new Response(JSON.stringify({ type: "about:blank", title, status, errors }), {
    status,
    headers: { "content-type": "application/problem+json" },
  });
}
