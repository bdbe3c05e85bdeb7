/** The views there are, in the order of the work. */
export const VIEWS = [
  { path: "/", name: "Rounds", key: "1" },
  { path: "/season", name: "Season", key: "2" },
  { path: "/plan", name: "Plan", key: "3" },
  { path: "/batches", name: "Batches", key: "4" },
  { path: "/count", name: "Count", key: "5" },
  { path: "/yard", name: "Yard", key: "y" },
  { path: "/seed", name: "Seed", key: "6" },
  { path: "/species", name: "Species", key: "7" },
  { path: "/site", name: "Site", key: "8" },
  { path: "/trials", name: "Trials", key: "0" },
  { path: "/workbench", name: "Workbench", key: "9" },
] as const;
