import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { policyFor } from "../src/server/policy.mjs";

/** A page that was made ahead, with what is sent along. */
function pageOf(path) {
  const html = readFileSync(path, "utf8");
  const tag = `"${createHash("sha256").update(html).digest("base64url").slice(0, 27)}"`;
  const headers = {
    "content-type": "text/html; charset=utf-8",
    "cache-control": "no-cache",
    "content-security-policy": policyFor(html),
    etag: tag,
  };
  return { html, headers, tag };
}

/** The address of a page by any name that it is asked for: "/about/", "/about/index.html" … */
export function addressOf(path) {
  return `/${path
    .replace(/^\/+/, "")
    .replace(/(^|\/)(index)?(\.html)?\/?$/, "")
    .replace(/\.html$/, "")}`;
}

/** The pages below a folder by their addresses: "/", "/about" … */
export function readPages(folder) {
  const paths = readdirSync(folder, { recursive: true }).filter((path) => path.endsWith(".html"));
  return new Map(paths.map((path) => [addressOf(path), pageOf(join(folder, path))]));
}

/** Answers with a page, or that the client has it. */
export function sendPage(request, response, { html, headers, tag }, status = 200) {
  const known = (request.headers["if-none-match"] ?? "").split(",");
  const isKnown = known.some((each) => each.trim().replace(/^W\//, "") === tag);
  response.writeHead(isKnown ? 304 : status, headers);
  response.end(isKnown || request.method === "HEAD" ? undefined : html);
}
