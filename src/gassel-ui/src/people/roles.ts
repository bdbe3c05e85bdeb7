import type { Role } from "../api/types";

/** Each may do what the one before may. */
export const ROLES: readonly Role[] = ["volunteer", "grower", "owner"];

/** True where a person of the role may do what the needed role may. */
export const reaches = (role: Role, needed: Role): boolean => ROLES.indexOf(role) >= ROLES.indexOf(needed);

/** What the roles may do, in words. */
export const roleWords: Record<Role, string> = {
  volunteer: "records, undoes own entries",
  grower: "plans, keeps seed and species, undoes anyone’s entries",
  owner: "manages people, network and copies",
};
