import { createHash } from "node:crypto";

/**
 * The content security policy of a page: only what the page itself holds, told by its hash, and
 * what comes from this server. Pages that are made ahead and pages that are made when asked for
 * have the same.
 * @param {string} html
 * @returns {string}
 */
export function policyFor(html) {
  return [
    "default-src 'none'",
    `script-src 'self' ${hashes(html, "script")}`,
    `style-src 'self' ${hashes(html, "style")}`,
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
}

/**
 * @param {string} html
 * @param {"script" | "style"} element
 */
function hashes(html, element) {
  const inline = new RegExp(`<${element}(?![^>]*\\ssrc=)[^>]*>([\\s\\S]*?)</${element}>`, "g");
  return [...html.matchAll(inline)]
    .map(([, text = ""]) => `'sha256-${createHash("sha256").update(text).digest("base64")}'`)
    .join(" ");
}
