/** Whether Gassel answered when it was last asked. */
export interface Connection {
  reached: boolean;
}

let connection: Connection = { reached: true };
const listeners = new Set<() => void>();

function set(reached: boolean): void {
  if (connection.reached === reached) return;
  connection = { reached };
  for (const tell of listeners) tell();
}

export const heardSomething = (): void => set(true);
export const heardNothing = (): void => set(false);

export const currentConnection = (): Connection => connection;

export function onConnection(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}
