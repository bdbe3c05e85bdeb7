import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { towns } from "./towns.plugin.js";

export default defineConfig({
  plugins: [
    react(),
    towns(),
    VitePWA({
      // registered by hand in main.tsx: the page's security policy takes no inline script
      injectRegister: null,
      registerType: "autoUpdate",
      manifest: {
        name: "Gassel",
        short_name: "Gassel",
        description: "Dormancy treatments and germination of native plants",
        display: "standalone",
        background_color: "#F3F1EA",
        theme_color: "#1F4E5A",
        icons: [
          { src: "/mark.svg", sizes: "any", type: "image/svg+xml" },
          { src: "/mark-192.png", sizes: "192x192", type: "image/png" },
          { src: "/mark-512.png", sizes: "512x512", type: "image/png", purpose: "any maskable" },
        ],
      },
      workbox: {
        globPatterns: ["**/*.{html,js,css,svg}", "**/*-latin-*.woff2"],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
        // what the program answers itself is never taken for a view
        navigateFallbackDenylist: [/^\/api\//, /^\/openapi\//, /^\/calendar\//, /\.\w+$/],
        sourcemap: false,
      },
    }),
  ],
  build: {
    outDir: "../../artifacts/ui",
    emptyOutDir: true,
    // fonts stay files: the page's security policy takes no data addresses for them
    assetsInlineLimit: 0,
    manifest: "manifest.json",
  },
  server: { proxy: { "/api": "http://localhost:8730" } },
});
