import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: "../../artifacts/ui",
    emptyOutDir: true,
    // fonts stay files: the page's security policy takes no data addresses for them
    assetsInlineLimit: 0,
    manifest: "manifest.json",
  },
  server: { proxy: { "/api": "http://localhost:8730" } },
});
