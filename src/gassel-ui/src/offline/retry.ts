/** How long a server that was busy or at fault is left alone before it is asked again, in milliseconds. */
const TRY_AGAIN_MS = 30_000;

/** Sends again and again without a touch; what comes back stops it. */
export function keepTrying(send: () => Promise<void>): () => void {
  const again = setInterval(() => void send(), TRY_AGAIN_MS);
  return () => clearInterval(again);
}
