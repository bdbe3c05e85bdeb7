/** Marks the box of the page that is scrolled; lists that draw only what is in sight look for it. */
export const SCROLLER = "data-scroller";
