import type { Role } from "../api/types";

const ORDER: readonly Role[] = ["volunteer", "grower", "owner"];

/** True where a person of the role may do what the needed role may. */
export const reaches = (role: Role, needed: Role): boolean => ORDER.indexOf(role) >= ORDER.indexOf(needed);

/** What the roles may do, in words. */
export const roleWords: Record<Role, string> = {
  volunteer: "records, takes back own entries",
  grower: "plans, keeps seed and species, takes back anybody's entry",
  owner: "manages people, network and copies",
};
