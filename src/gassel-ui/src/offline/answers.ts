import { Refused } from "../api/client";
import { heardNothing, heardSomething } from "./connection";
import { keep } from "./keep";
import type { KeptAnswer } from "./keep";

/** An answer with the moment this device heard it. */
export interface Heard<T> {
  data: T;
  /** By the device's clock, in milliseconds. */
  heardAt: number;
}

/**
 * Asks, and keeps the answer; where nobody answers, gives the last one kept. A refusal is an answer and is passed on.
 * @throws Refused where nobody answers and nothing was kept.
 */
export async function answerOrLast<T>(
  question: string,
  ask: () => Promise<T>,
  now: () => number = Date.now,
): Promise<Heard<T>> {
  let data: T;
  try {
    data = await ask();
  } catch (refused) {
    if (!(refused instanceof Refused) || refused.problem.status !== 0) throw refused;
    heardNothing();
    const last = await lastAnswer(question);
    if (!last) throw refused;
    return { data: last.data as T, heardAt: last.heardAt };
  }
  heardSomething();
  return keepAnswer(question, data, now());
}

/** Keeps an answer as if it had been given just now. */
export async function keepAnswer<T>(question: string, data: T, heardAt: number): Promise<Heard<T>> {
  const heard = { data, heardAt };
  // a device that can keep nothing still works while connected
  await keep()
    .then((db) => db.put("answers", heard, question))
    .catch(() => undefined);
  return heard;
}

const lastAnswer = (question: string): Promise<KeptAnswer | undefined> =>
  keep()
    .then((db) => db.get("answers", question))
    .catch(() => undefined);

/** For a device that is handed on: what was read here stays no longer. Recordings that wait are not touched. */
export async function forgetAnswers(): Promise<void> {
  await keep().then((db) => db.clear("answers"));
}
