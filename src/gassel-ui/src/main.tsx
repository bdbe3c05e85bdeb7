import "@fontsource-variable/bitter";
import "@fontsource-variable/source-sans-3";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";

// opens the shell without connection; browsers have it on this machine and over TLS. The view comes first.
const KEEP_SHELL_AFTER_MS = 5_000;
if ("serviceWorker" in navigator)
  setTimeout(
    () => void navigator.serviceWorker.register("/sw.js").catch(() => undefined),
    KEEP_SHELL_AFTER_MS,
  );
// a page left open over an update asks for files that are gone
window.addEventListener("vite:preloadError", () => window.location.reload());

const root = document.getElementById("root");
if (!root) throw new Error("the page has no root");
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
