import { useSyncExternalStore } from "react";
import { currentConnection, onConnection } from "./connection";
import type { Connection } from "./connection";

export const useConnection = (): Connection => useSyncExternalStore(onConnection, currentConnection);
