const MAIN = "[data-testid^='due-'] .MuiButton-contained";

/** Moves the cursor to the main button of the next or the previous due thing, as it stands on the page. */
export function stepTo(by: 1 | -1): void {
  const all = [...document.querySelectorAll<HTMLElement>(MAIN)];
  const at = all.findIndex((button) => button.closest("[data-testid]")?.contains(document.activeElement));
  const next =
    all[at === -1 ? (by === 1 ? 0 : all.length - 1) : Math.min(all.length - 1, Math.max(0, at + by))];
  next?.focus();
  next?.scrollIntoView({ block: "center" });
}

/** The second gesture of the due thing under the cursor. */
export function pressOther(): void {
  document.activeElement
    ?.closest("[data-testid^='due-']")
    ?.querySelector<HTMLElement>(".MuiButton-outlined")
    ?.click();
}
