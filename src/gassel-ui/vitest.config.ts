import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "*.test.js"],
    environment: "node",
    // a machine that is busy elsewhere is no fault
    testTimeout: 60_000,
  },
});
