import { renderHook, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { useWhole } from "./useWhole";

/** A server that is as slow as the test wants, and what was sent to it. */
function slow() {
  const sent: string[] = [];
  const ends: { done: () => void; fail: () => void }[] = [];
  const send = (whole: string) => {
    sent.push(whole);
    return new Promise<void>((done, fail) => ends.push({ done, fail: () => fail(new Error("no line")) }));
  };
  return { sent, ends, send };
}

it("takes along what is on its way, and sends one after the other", async () => {
  const { sent, ends, send } = slow();
  const change = renderHook(() => useWhole<string>("a", send)).result.current;
  void change((now) => `${now}b`);
  void change((now) => `${now}c`);
  await waitFor(() => expect(sent).toEqual(["ab"]));
  ends[0]?.done();
  await waitFor(() => expect(sent).toEqual(["ab", "abc"]));
});

it("begins with what is stored when nothing is on its way", async () => {
  const { sent, ends, send } = slow();
  const hook = renderHook(({ stored }) => useWhole(stored, send), { initialProps: { stored: "a" } });
  const first = hook.result.current((now) => `${now}b`);
  await waitFor(() => expect(ends).toHaveLength(1));
  ends[0]?.done();
  await first;
  hook.rerender({ stored: "of somebody else" });
  void hook.result.current((now) => `${now}, and mine`);
  await waitFor(() => expect(sent[1]).toBe("of somebody else, and mine"));
});

it("goes on after a failure, which is told to whoever made the change", async () => {
  const { sent, ends, send } = slow();
  const change = renderHook(() => useWhole<string>("a", send)).result.current;
  const first = change((now) => `${now}b`);
  const second = change((now) => `${now}c`);
  await waitFor(() => expect(ends).toHaveLength(1));
  ends[0]?.fail();
  await expect(first).rejects.toThrow("no line");
  await waitFor(() => expect(sent).toEqual(["ab", "abc"]));
  ends[1]?.done();
  await second;
});
