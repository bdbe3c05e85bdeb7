import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import { Refused } from "../api/client";
import { answerOrLast, forgetAnswers } from "./answers";
import { currentConnection } from "./connection";
import { keep } from "./keep";
import type { WaitingAct } from "./keep";
import { enqueue, markRefused, readQueue, shownQueue, takeOut } from "./queue";

const waiting = (name: string): WaitingAct => ({
  act: name,
  who: "Ines",
  batches: [],
  told: name,
  settles: [],
  refused: null,
});

const silence = () => Promise.reject(new Refused({ status: 0, title: "No answer", detail: "" }));

beforeEach(async () => {
  const db = await keep();
  await db.clear("queue");
  await db.clear("answers");
});

describe("the queue on the device", () => {
  it("keeps acts in the order of recording", async () => {
    for (const name of ["first", "second", "third"]) await enqueue(waiting(name));
    expect((await readQueue()).map((act) => act.act)).toEqual(["first", "second", "third"]);
    expect(shownQueue().length).toBe(3);
  });

  it("gives one out and leaves the others", async () => {
    await enqueue(waiting("first"));
    const n = await enqueue(waiting("second"));
    await takeOut(n);
    expect((await readQueue()).map((act) => act.act)).toEqual(["first"]);
  });

  it("keeps what was refused in its place, with the reason", async () => {
    await enqueue(waiting("first"));
    await enqueue(waiting("second"));
    const [first] = await readQueue();
    if (!first) throw new Error("the queue is empty");
    await markRefused(first, "the day is not there");
    expect((await readQueue()).map((act) => [act.act, act.refused])).toEqual([
      ["first", "the day is not there"],
      ["second", null],
    ]);
  });
});

describe("the last answer", () => {
  it("is given while nobody answers, with the time it was heard", async () => {
    await answerOrLast(
      "rounds",
      () => Promise.resolve({ dueCount: 3 }),
      () => 1000,
    );
    expect(currentConnection().reached).toBe(true);
    expect(await answerOrLast("rounds", silence, () => 9000)).toEqual({
      data: { dueCount: 3 },
      heardAt: 1000,
    });
    expect(currentConnection().reached).toBe(false);
  });

  it("is not given in place of a refusal", async () => {
    await answerOrLast("rounds", () => Promise.resolve(1));
    const refused = new Refused({ status: 401, title: "Not signed in", detail: "" });
    await expect(answerOrLast("rounds", () => Promise.reject(refused))).rejects.toBe(refused);
  });

  it("is gone once the device is handed on, and the queue is not", async () => {
    await enqueue(waiting("first"));
    await answerOrLast("rounds", () => Promise.resolve(1));
    await forgetAnswers();
    await expect(answerOrLast("rounds", silence)).rejects.toBeInstanceOf(Refused);
    expect((await readQueue()).length).toBe(1);
  });
});
