import { useSession } from "../book/queries";
import type { Role } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { reaches } from "./roles";

/** The name beside what is recorded: the one signed in with, else what this device remembers. */
export function useWho(): string {
  const { who } = useDevice();
  return useSession().data?.name ?? who;
}

/** Whether a role's work may be offered. The server has the last word; until it has spoken everything is. */
export function useMay(needed: Role): boolean {
  const role = useSession().data?.role;
  return !role || reaches(role, needed);
}
