import { useCallback } from "react";
import { useSearchParams } from "react-router";
import { askedOf, asking } from "./asked";

/** What a list is asked for: it stands in the address, so that it is there again on the way back. */
export function useAsked<K extends string>(keys: readonly K[]) {
  const [address, setAddress] = useSearchParams();
  const ask = useCallback(
    (key: K, value: string) => setAddress((before) => asking(before, key, value), { replace: true }),
    [setAddress],
  );
  /** All that is asked, or these alone. */
  const askNothing = useCallback(
    (these: readonly K[] = keys) =>
      setAddress((before) => these.reduce((left, key) => asking(left, key, ""), before), { replace: true }),
    [setAddress, keys],
  );
  return { asked: askedOf(address, keys), ask, askNothing, isAsked: address.size > 0 };
}
