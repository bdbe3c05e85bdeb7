import { v7 } from "uuid";

/** An id of this device's own making, in the order of time (UUID version 7); plain network addresses have no `crypto.randomUUID`. */
export const newId = (): string => v7();
