import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig, passthroughImageService } from "astro/config";

export default defineConfig({
  output: "server",
  // scripts/server.mjs sends the files and sets what every answer is given.
  adapter: node({ mode: "middleware" }),
  integrations: [react()],
  image: { service: passthroughImageService(), endpoint: { entrypoint: "src/server/no-image.ts" } },
  // The JSON endpoints are meant for other programs, which send no Origin; they refuse
  // every content type but JSON themselves.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  vite: {
    plugins: [tailwindcss()],
    worker: { format: "es" },
  },
});
