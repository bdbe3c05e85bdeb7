import { describe, expect, it } from "vitest";
import type { Problem } from "../api/client";
import type { QueuedAct } from "./keep";
import { datedBy, fateOf, sendAll, settledWhileWaiting } from "./sending";
import type { Outlet } from "./sending";

const refusal = (status: number): Problem => ({ status, title: "", detail: `answer ${status}` });

const act = (n: number, more: Partial<QueuedAct> = {}): QueuedAct => ({
  n,
  act: `act ${n}`,
  who: "Ines",
  batches: [
    {
      batch: "b",
      entries: [
        {
          id: `entry ${n}`,
          doneOn: "2027-03-14",
          doneAt: null,
          recordedAt: "2027-03-14T09:00:00Z",
          payload: { kind: "note", part: null, text: "looked" },
        },
      ],
    },
  ],
  told: "looked",
  settles: [],
  refused: null,
  ...more,
});

/** A device with a queue and a book that answers by act. */
function bench(acts: QueuedAct[], answer: (act: QueuedAct) => Problem | null) {
  const queue = [...acts];
  const posted: [string, string][] = [];
  const outlet: Outlet = {
    read: () => Promise.resolve([...queue]),
    takeOut: (n) => {
      queue.splice(
        queue.findIndex((a) => a.n === n),
        1,
      );
      return Promise.resolve();
    },
    markRefused: (refused, why) => {
      const at = queue.findIndex((a) => a.n === refused.n);
      queue[at] = { ...refused, refused: why };
      return Promise.resolve();
    },
    markFault: (failed, faults) => {
      const at = queue.findIndex((a) => a.n === failed.n);
      queue[at] = { ...failed, faults };
      return Promise.resolve();
    },
    post: (sent, ifConflict) => {
      posted.push([sent.act, ifConflict]);
      const problem = answer(sent);
      return Promise.resolve(
        problem === null ? { problem, recorded: { batches: [], rounds: null, batch: null } } : { problem },
      );
    },
  };
  return { queue, posted, outlet };
}

describe("what waits on a phone", () => {
  it("goes out in the order of recording and is then gone", async () => {
    const { queue, posted, outlet } = bench([act(1), act(2), act(3)], () => null);
    await sendAll(outlet, "2027-03-14", null);
    expect(posted.map(([name]) => name)).toEqual(["act 1", "act 2", "act 3"]);
    expect(queue).toEqual([]);
  });

  it.each([0, 401, 429, 500, 503])("waits in its order after an answer of %d", async (status) => {
    const { queue, posted, outlet } = bench([act(1), act(2), act(3)], (sent) =>
      sent.n === 2 ? refusal(status) : null,
    );
    await sendAll(outlet, "2027-03-14", null);
    expect(posted.length).toBe(2);
    expect(queue.map((a) => a.n)).toEqual([2, 3]);
  });

  it("on which the book fails three times is set aside with the reason, and the others go on", async () => {
    const { queue, posted, outlet } = bench([act(1), act(2)], (sent) => (sent.n === 1 ? refusal(500) : null));
    await sendAll(outlet, "2027-03-14", null);
    await sendAll(outlet, "2027-03-14", null);
    expect(queue.map((a) => [a.n, a.refused])).toEqual([
      [1, null],
      [2, null],
    ]);
    await sendAll(outlet, "2027-03-14", null);
    expect(queue.map((a) => [a.n, a.refused])).toEqual([[1, "answer 500"]]);
    expect(posted.map(([name]) => name)).toEqual(["act 1", "act 1", "act 1", "act 2"]);
  });

  it("waits for its own person on a phone that is shared", async () => {
    const { queue, posted, outlet } = bench(
      [act(1, { isSigned: true }), act(2), act(3, { who: "Odila", isSigned: true })],
      () => null,
    );
    await sendAll(outlet, "2027-03-14", null, "Odila");
    // what was recorded before anybody signed in goes out with whoever is there
    expect(posted.map(([name]) => name)).toEqual(["act 2", "act 3"]);
    expect(queue.map((a) => [a.n, a.refused])).toEqual([[1, null]]);
  });

  it.each([400, 403, 404, 409])(
    "that the book refuses with %d is kept with the reason and holds up nobody",
    async (status) => {
      const { queue, outlet } = bench([act(1), act(2)], (sent) => (sent.n === 1 ? refusal(status) : null));
      await sendAll(outlet, "2027-03-14", null);
      expect(queue.map((a) => [a.n, a.refused])).toEqual([[1, `answer ${status}`]]);
      const again = bench(queue, () => null);
      await sendAll(again.outlet, "2027-03-14", null);
      expect(again.posted).toEqual([]);
    },
  );

  it("is kept as a conflict, except what somebody is just recording: there the book objects and nothing is saved", async () => {
    const { queue, posted, outlet } = bench([act(1), act(2)], (sent) => (sent.n === 2 ? refusal(409) : null));
    const sent = await sendAll(outlet, "2027-03-14", "act 2");
    expect(posted).toEqual([
      ["act 1", "keep"],
      ["act 2", "warn"],
    ]);
    expect(sent[1]?.fate).toBe("object");
    expect(queue).toEqual([]);
  });

  it("is dated by the server's day where the phone's clock ran ahead, and left alone where it did not", () => {
    expect(datedBy("2027-03-13", act(1)).batches[0]?.entries[0]?.doneOn).toBe("2027-03-13");
    const early = act(1);
    expect(datedBy("2027-03-15", early)).toBe(early);
  });

  it("settles what is due until it is taken back", () => {
    const done = act(1, { settles: ["9-1-checkBag"] });
    expect([...settledWhileWaiting([done, act(2)])]).toEqual(["9-1-checkBag"]);
    const back = act(3);
    const [first] = back.batches[0]?.entries ?? [];
    if (first) first.payload = { kind: "void", entry: "entry 1" };
    expect([...settledWhileWaiting([done, back])]).toEqual([]);
  });

  it("meets every answer with one of four fates", () => {
    expect(fateOf(null, false)).toBe("gone");
    expect(fateOf(refusal(401), true)).toBe("wait");
    expect(fateOf(refusal(409), true)).toBe("object");
    expect(fateOf(refusal(409), false)).toBe("refuse");
  });
});
