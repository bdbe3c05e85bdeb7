import "@fontsource-variable/bitter";
import "@fontsource-variable/source-sans-3";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";

// opens the shell without connection; browsers have it on this machine and over TLS
if ("serviceWorker" in navigator) void navigator.serviceWorker.register("/sw.js").catch(() => undefined);
// a page left open over an update asks for files that are gone
window.addEventListener("vite:preloadError", () => window.location.reload());

const root = document.getElementById("root");
if (!root) throw new Error("the page has no root");
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
