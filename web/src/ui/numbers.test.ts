import { describe, expect, it } from "vitest";
import { grams, number, range, savedAt, today } from "./numbers";

describe("numbers as they are shown", () => {
  it("puts grams with a space and no idle digits", () => {
    expect([grams(315), grams(5), grams(5.25), grams(1428.2)]).toEqual(["315 g", "5 g", "5.3 g", "1,428 g"]);
  });
  it("leaves out a range whose ends read the same", () => {
    expect(range(14.6, 20.2)).toBe("15–20");
    expect(range(14.1, 14.4)).toBe("");
    expect(range(null, 3)).toBe("");
  });
  it("keeps the decimals a reading asks for", () => {
    expect(number(0.9, 2)).toBe("0.90");
  });
  it("knows the date here", () => {
    expect(today(new Date(2026, 10, 28, 0, 30))).toBe("2026-11-28");
  });
  it("names the day only when it is another", () => {
    const now = new Date("2026-11-25T12:00:00");
    expect(savedAt("2026-11-25T10:42:00", now)).toBe("10:42");
    expect(savedAt("2026-11-21T10:42:00", now)).toBe("21 Nov, 10:42");
  });
});
