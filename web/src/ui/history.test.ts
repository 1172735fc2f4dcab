import { describe, expect, it } from "vitest";
import { begin, type History, history } from "./history";

describe("what can be undone", () => {
  const typed = ["b", "c"].reduce<History<string>>((state, to) => history(state, { do: "set", to }), begin("a"));

  it("goes back one step at a time and forward again", () => {
    const back = history(history(typed, { do: "undo" }), { do: "undo" });
    expect(back.present).toBe("a");
    expect(history(history(back, { do: "redo" }), { do: "redo" }).present).toBe("c");
  });

  it("stays where it is when there is nothing to undo or redo", () => {
    expect(history(begin("a"), { do: "undo" })).toEqual(begin("a"));
    expect(history(typed, { do: "redo" })).toBe(typed);
  });

  it("forgets what was undone once something new is done", () => {
    const anew = history(history(typed, { do: "undo" }), { do: "set", to: "d" });
    expect(anew.future).toEqual([]);
    expect(history(anew, { do: "undo" }).present).toBe("b");
  });

  it("does not count setting the same value as a step", () => {
    expect(history(typed, { do: "set", to: "c" })).toBe(typed);
  });

  it("keeps two hundred steps at most", () => {
    const long = Array.from({ length: 250 }, (_, i) => `${i}`).reduce<History<string>>(
      (state, to) => history(state, { do: "set", to }),
      begin("a"),
    );
    expect(long.past).toHaveLength(200);
  });
});
