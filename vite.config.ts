import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

const api = process.env.HOJALDRE_API ?? "http://127.0.0.1:8420";

export default defineConfig({
  root: "web",
  cacheDir: "../var/vite",
  plugins: [
    react(),
    VitePWA({
      // the page registers it itself: no script stands in the page
      injectRegister: false,
      registerType: "autoUpdate",
      manifest: {
        name: "Hojaldre",
        short_name: "Hojaldre",
        description: "Know what the oven will do before you light it.",
        start_url: "/",
        display: "standalone",
        background_color: "#FBFCFE",
        theme_color: "#1A3A8F",
        icons: [{ src: "/mark.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
      },
      workbox: { globPatterns: ["**/*.{js,css,html,svg,woff2}"], navigateFallbackDenylist: [/^\/api\//] },
    }),
  ],
  build: {
    outDir: "../public/app",
    emptyOutDir: true,
    target: "es2022",
    // small pieces that every room needs pack better together
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: "house", test: /web\/src\/(ui|api|kept)\// }] } } },
  },
  server: { proxy: { "/api": api } },
  test: {
    environment: "jsdom",
    include: ["src/**/*.test.{ts,tsx}", "test/**/*.test.ts"],
    setupFiles: ["./test-setup.ts"],
    restoreMocks: true,
    // a busy machine is no failure
    testTimeout: 60_000,
  },
});
