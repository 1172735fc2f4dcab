import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

const api = process.env.HOJALDRE_API ?? "http://127.0.0.1:8420";

export default defineConfig({
  root: "web",
  cacheDir: "../var/vite",
  plugins: [react()],
  build: { outDir: "../public/app", emptyOutDir: true, target: "es2022" },
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
