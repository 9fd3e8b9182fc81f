import { defineMiddleware } from "astro:middleware";
import { createHash } from "node:crypto";
import { policyFor } from "./server/policy.mjs";

/** Answers that stream have no end that could be waited for. */
const STREAMED = "text/event-stream";

/**
 * What every rendered answer is given: pages a content security policy that lets in no script or
 * style but the application's own, and what can be asked again a tag to ask by.
 */
export const onRequest = defineMiddleware(async ({ request, isPrerendered }, next) => {
  // Pages that are made ahead are given the same where they are sent.
  if (isPrerendered) return next();
  const response = await next();
  const type = response.headers.get("content-type") ?? "";
  const isRead = request.method === "GET" || request.method === "HEAD";
  if (!isRead || response.status !== 200 || type.startsWith(STREAMED)) return response;
  const body = Buffer.from(await response.arrayBuffer());
  const headers = new Headers(response.headers);
  if (type.startsWith("text/html") && import.meta.env.PROD) {
    headers.set("content-security-policy", policyFor(body.toString("utf8")));
  }
  const tag = `"${createHash("sha256").update(body).digest("base64url").slice(0, 27)}"`;
  headers.set("etag", tag);
  if (!headers.has("cache-control")) headers.set("cache-control", "no-cache");
  if (asksFor(request, tag)) return new Response(null, { status: 304, headers });
  return new Response(body, { status: response.status, headers });
});

/** Whether the client has this very answer; compressing it on the way makes the tag a weak one. */
function asksFor(request: Request, tag: string): boolean {
  const known = request.headers.get("if-none-match") ?? "";
  return known.split(",").some((each) => each.trim().replace(/^W\//, "") === tag);
}
