/** The views there are, in the order of the work. */
export const VIEWS = [
  { path: "/", name: "Rounds", key: "1" },
  { path: "/plan", name: "Plan", key: "2" },
  { path: "/batches", name: "Batches", key: "3" },
  { path: "/count", name: "Count", key: "4" },
  { path: "/seed", name: "Seed", key: "5" },
  { path: "/species", name: "Species", key: "6" },
  { path: "/site", name: "Site", key: "7" },
] as const;
