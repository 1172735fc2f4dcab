import { act, renderHook, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { ApiProblem, type Problem } from "../api/client";
import { useOutbox } from "./useOutbox";

const KEY = "hojaldre.test";
const trouble = (status: number) =>
  new ApiProblem({ status, code: "no", mend: "Say it otherwise.", refusals: [] } as unknown as Problem);
const onDevice = () => JSON.parse(localStorage.getItem(KEY) ?? "[]");

/** A tab, and a line that is up or down. */
function tab(answer: (one: string) => Promise<void>) {
  const sent: string[] = [];
  const hook = renderHook(() =>
    useOutbox<string>(KEY, async (one) => {
      await answer(one);
      sent.push(one);
    }),
  );
  return {
    sent,
    now: () => hook.result.current,
    put: (one: string) => act(() => hook.result.current.put(one)),
    ...hook,
  };
}

describe("what is pressed without a line", () => {
  afterEach(() => {
    vi.restoreAllMocks();
    vi.useRealTimers();
    localStorage.clear();
  });

  it("is sent at once where there is one, and leaves the device", async () => {
    const one = tab(async () => {});
    one.put("in");
    await waitFor(() => expect(one.sent).toEqual(["in"]));
    await waitFor(() => expect(one.now().waiting).toEqual([]));
    expect(localStorage.getItem(KEY)).toBeNull();
  });

  it("is kept, and sent once and in order when the line is back", async () => {
    vi.useFakeTimers();
    let up = false;
    const one = tab(async () => {
      if (!up) throw trouble(0);
    });
    for (const press of ["in", "turn", "out"]) one.put(press);
    await act(() => vi.advanceTimersByTimeAsync(9000));
    expect(one.sent).toEqual([]);
    expect(onDevice()).toEqual(["in", "turn", "out"]);
    up = true;
    await act(() => vi.advanceTimersByTimeAsync(3100));
    expect(one.sent).toEqual(["in", "turn", "out"]);
    expect(onDevice()).toEqual([]);
    await act(() => vi.advanceTimersByTimeAsync(30_000));
    expect(one.sent).toHaveLength(3);
  });

  it("outlives a reload", async () => {
    const before = tab(() => Promise.reject(trouble(0)));
    before.put("in");
    before.put("turn");
    before.unmount();
    const after = tab(async () => {});
    await waitFor(() => expect(after.sent).toEqual(["in", "turn"]));
  });

  it("waits while the server is ill, and steps over what it will never take", async () => {
    vi.useFakeTimers();
    let status = 503;
    const one = tab(async (press) => {
      if (status) throw trouble(status);
      if (press === "nonsense") throw trouble(422);
    });
    one.put("nonsense");
    one.put("out");
    await act(() => vi.advanceTimersByTimeAsync(3100));
    expect(one.now().waiting).toEqual(["nonsense", "out"]);
    expect(one.now().refused).toBeNull();
    status = 0;
    await act(() => vi.advanceTimersByTimeAsync(3100));
    expect(one.sent).toEqual(["out"]);
    expect(one.now().refused).toBe("Say it otherwise.");
    expect(onDevice()).toEqual([]);
    one.put("rested");
    expect(one.now().refused).toBeNull();
  });

  it("waits for who was signed out, and says so", async () => {
    vi.useFakeTimers();
    let status = 401;
    const one = tab(async () => {
      if (status) throw trouble(status);
    });
    one.put("out");
    await act(() => vi.advanceTimersByTimeAsync(100));
    expect(one.now().refused).toBe("Say it otherwise.");
    expect(onDevice()).toEqual(["out"]);
    status = 429;
    await act(() => vi.advanceTimersByTimeAsync(3100));
    expect(onDevice()).toEqual(["out"]);
    status = 0;
    await act(() => vi.advanceTimersByTimeAsync(3100));
    expect(one.sent).toEqual(["out"]);
    expect(one.now().refused).toBeNull();
  });

  it("of two tabs is kept beside each other: neither wipes out what the other has not sent", async () => {
    const down = () => Promise.reject(trouble(0));
    const [first, second] = [tab(down), tab(down)];
    first.put("in");
    second.put("turn");
    first.put("out");
    expect(onDevice()).toEqual(["in", "turn", "out"]);
    first.unmount();
    second.unmount();
    const after = tab(async () => {});
    await waitFor(() => expect(after.sent).toEqual(["in", "turn", "out"]));
  });

  it("of one tab leaves the device when it is sent, and what the other keeps stays", async () => {
    let up = false;
    const first = tab(() => Promise.reject(trouble(0)));
    const second = tab(() => (up ? Promise.resolve() : Promise.reject(trouble(0))));
    first.put("in");
    up = true;
    second.put("turn");
    await waitFor(() => expect(second.sent).toEqual(["turn"]));
    expect(onDevice()).toEqual(["in"]);
    expect(first.now().waiting).toEqual(["in"]);
  });

  it("two presses that are the same are two", async () => {
    let up = false;
    const one = tab(() => (up ? Promise.resolve() : Promise.reject(trouble(0))));
    one.put("later");
    one.put("later");
    expect(onDevice()).toEqual(["later", "later"]);
    up = true;
    one.put("done");
    await waitFor(() => expect(one.sent).toEqual(["later", "later", "done"]), { timeout: 5000 });
  });

  it("counts where the device has no room, and is sent from memory", async () => {
    vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    const one = tab(async () => {});
    one.put("in");
    await waitFor(() => expect(one.sent).toEqual(["in"]));
  });

  it("is not lost to rubbish on the device", () => {
    localStorage.setItem(KEY, "{not json");
    expect(tab(async () => {}).now().waiting).toEqual([]);
    localStorage.setItem(KEY, '"a word"');
    expect(tab(async () => {}).now().waiting).toEqual([]);
  });
});
