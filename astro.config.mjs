import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import pwa from "@vite-pwa/astro";
import { defineConfig, passthroughImageService } from "astro/config";
import { minifySync } from "oxc-minify";

/**
 * Everything that the application is made of is kept by the browser after the first visit: pages,
 * scripts, workers, fonts, samples. What asks the server (the open formats, the instruments) is not.
 */
const offline = pwa({
  // The page registers it itself, so that a new version never reloads what somebody works in.
  injectRegister: false,
  filename: "service-worker.js",
  manifest: {
    id: "/",
    name: "Dintel",
    short_name: "Dintel",
    description:
      "Set out shower and tub surround walls: tiles, cuts, membrane, thinset and grout per wall.",
    start_url: "/jobs",
    scope: "/",
    display: "standalone",
    background_color: "#f4efe6",
    theme_color: "#39444c",
    file_handlers: [
      {
        action: "/jobs",
        accept: { "application/json": [".dintel.json", ".json"], "application/zip": [".zip"] },
      },
    ],
    share_target: {
      action: "/jobs/shared",
      method: "POST",
      enctype: "multipart/form-data",
      params: {
        files: [
          { name: "files", accept: ["application/json", "application/zip", ".json", ".zip"] },
        ],
      },
    },
    icons: [
      { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icon-512.png", sizes: "512x512", type: "image/png" },
      { src: "/icon-mask-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
  },
  workbox: {
    globPatterns: ["**/*.{html,js,css,svg,png,jpg,woff2,ttf}"],
    importScripts: ["/shared.js"],
    navigateFallback: "/",
    navigateFallbackDenylist: [/^\/api\//, /^\/schema\//],
    maximumFileSizeToCacheInBytes: 4e6,
  },
});

/**
 * Scripts once more made smaller, by a twentieth: the bundler's own minifier is quicker than it is
 * thorough, and a phone on site waits for each of them. And they say that all their functions will
 * be called: browsers that read this compile them while they load, beside the page, instead of one
 * by one when a stage is first opened. What is only a library's is left alone, most of it never runs.
 */
const readyToRun = () => ({
  name: "ready-to-run",
  enforce: "post",
  generateBundle(_, bundle) {
    if (this.environment?.name === "ssr") return;
    for (const chunk of Object.values(bundle)) {
      if (chunk.type !== "chunk") continue;
      const { code, errors } = minifySync(chunk.fileName, chunk.code, { module: true });
      if (errors.length > 0) this.error(`${chunk.fileName}: ${errors[0].message}`);
      const isOurs = Object.keys(chunk.modules).some((id) => /\/(src|core)\//.test(id));
      const isCalled = isOurs || chunk.name === "client";
      chunk.code = isCalled ? `//# allFunctionsCalledOnLoad\n${code}` : code;
    }
  },
});

export default defineConfig({
  output: "server",
  // scripts/server.mjs sends the files and sets what every answer is given.
  adapter: node({ mode: "middleware" }),
  integrations: [react(), offline],
  image: { service: passthroughImageService(), endpoint: { entrypoint: "src/server/no-image.ts" } },
  // The JSON endpoints are meant for other programs, which send no Origin; they refuse
  // every content type but JSON themselves.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  vite: {
    plugins: [tailwindcss(), readyToRun()],
    worker: { format: "es", plugins: () => [readyToRun()] },
  },
});
