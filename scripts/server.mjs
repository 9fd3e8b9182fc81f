import { createServer } from "node:http";
import { join } from "node:path";
import compression from "compression";
import sirv from "sirv";
import { handler } from "../dist/server/entry.mjs";
import { addressOf, readPages, sendPage } from "./pages.mjs";
import { ROOT } from "./prepare.mjs";

/** What every answer is given, files and pages alike; pages add a policy of their own. */
const HEADERS = {
  "x-content-type-options": "nosniff",
  "referrer-policy": "no-referrer",
  "x-frame-options": "DENY",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy":
    "camera=(), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self)",
};

/** A client has this long to send its headers, and its whole request, ms. */
const LIMITS = {
  headersTimeout: 10_000,
  requestTimeout: 20_000,
  connectionsCheckingInterval: 1000,
};

const compress = compression({
  // Readings of an instrument come one by one: compressing would hold them back.
  filter: (request, response) =>
    !String(response.getHeader("content-type")).startsWith("text/event-stream") &&
    compression.filter(request, response),
});

const pages = readPages(join(ROOT, "dist/client"));

const files = sirv(join(ROOT, "dist/client"), {
  etag: true,
  extensions: [],
  // As they were packed when the application was built.
  brotli: true,
  gzip: true,
  setHeaders: (response, path) => {
    // Files below _astro carry a hash of their content in their names: they never change.
    response.setHeader(
      "cache-control",
      path.startsWith("/_astro/") ? "public, max-age=31536000, immutable" : "no-cache",
    );
    // A page that is asked for by the name of its file has its policy too, however it is written.
    const page = path.endsWith(".html") ? pages.get(addressOf(path)) : undefined;
    if (page) response.setHeaders(new Headers(page.headers));
  },
});

/** The page at the address of a request, whether or not it ends in a slash. */
function pageAt({ url = "/" }) {
  return pages.get(addressOf(url.split("?")[0]));
}

/** Somebody with a browser is shown a page, a program is told in its own way. */
function notFound(request, response) {
  const page = pages.get("/404");
  const isPage = String(request.headers.accept).includes("text/html");
  const isApi = /^\/(api|schema)\b/.test(request.url ?? "");
  if (page && isPage && !isApi) sendPage(request, response, page, 404);
  else problem(response, 404, "Not found");
}

function problem(response, status, title) {
  response.writeHead(status, { "content-type": "application/problem+json" });
  const errors = [{ path: "", message: "There is nothing at this address." }];
  response.end(JSON.stringify({ type: "about:blank", title, status, errors }));
}

const server = createServer(LIMITS, (request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  compress(request, response, () => {
    const rendered = () => handler(request, response, () => notFound(request, response));
    const isRead = request.method === "GET" || request.method === "HEAD";
    const page = isRead ? pageAt(request) : undefined;
    if (page) sendPage(request, response, page);
    else if (isRead) files(request, response, rendered);
    else rendered();
  });
});

const { HOST = "127.0.0.1", PORT = "4321" } = process.env;
server.listen(Number(PORT), HOST);
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => process.exit(0));
