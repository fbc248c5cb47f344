import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";
import { budget } from "./budget.ts";
import { markdown } from "./markdown.ts";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    markdown(),
    budget({
      "first page": { opens: ["/cases/CasesScreen.tsx"], most: 110 },
      couch: { opens: ["/frame/CaseFrame.tsx", "/couch/CouchScreen.tsx"], most: 170 },
    }),
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src/offline",
      filename: "sw.ts",
      injectRegister: false,
      manifest: false,
      injectManifest: { globPatterns: ["**/*.{html,js,css,woff2,svg}"] },
    }),
  ],
  build: {
    target: "es2022",
    chunkSizeWarningLimit: 900,
    assetsInlineLimit: 0,
    // What is preloaded is only early: a browser that cannot do without it.
    modulePreload: { polyfill: false },
  },
  // One world for all files of a worker: making one for each takes longer than the tests.
  test: { pool: "threads", isolate: false },
  server: { proxy: { "/api": "http://localhost:8080" } },
});
