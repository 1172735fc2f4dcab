import { describe, expect, it } from "vitest";
import { readClock, sayClock, span } from "./clock";
import { pinned, unpinned } from "./pins";

const minute = (words: string, before = false) => {
  const read = readClock(words, before);
  return read.ok ? read.value : read.mend;
};

describe("a time of the day", () => {
  it.each([
    ["9:30", 570],
    ["0930", 570],
    ["11.15", 675],
    ["9", 540],
    ["7 pm", 1140],
    ["12 am", 0],
    ["23:59", 1439],
  ])("%s is minute %d", (words, expected) => expect(minute(words)).toBe(expected));

  it.each(["25:00", "9:70", "noon", "13 pm", "", "18:00 the day before"])("%s is refused with what to write", (words) =>
    expect(minute(words)).toBe("Write a time: 11:15."),
  );

  it("may be of the day before where that makes sense", () => {
    expect(minute("18:00 the day before", true)).toBe(-360);
    expect(minute("fri 18:00", true)).toBe(-360);
    expect(sayClock(-360)).toBe("18:00 the day before");
    expect(minute(sayClock(-360), true)).toBe(-360);
  });

  it("is told in hours and minutes", () => {
    expect([span(45), span(60), span(221)]).toEqual(["45 min", "1 h", "3 h 41 min"]);
  });
});

describe("pins", () => {
  const day = { pins: [{ task: "a", startMinute: 1 }] } as never;
  it("a task has one pin, the newest", () => {
    expect(pinned(day, "a", 5).pins).toEqual([{ task: "a", startMinute: 5 }]);
    expect(pinned(day, "b", 5).pins).toHaveLength(2);
    expect(unpinned(day, "a").pins).toEqual([]);
  });
});
