import { describe, expect, it } from "vitest";
import { nudged, readNumber, readText, readWhole } from "./entry";

describe("an entry", () => {
  it("is moved by the arrow keys where it begins with a plain number", () => {
    expect(nudged("315 g", 1)).toBe("316 g");
    expect(nudged("315 g", -10)).toBe("305 g");
    expect(nudged("3.5 cm", 1)).toBe("4.5 cm");
    expect(nudged("3 medium", 1)).toBe("4 medium");
    expect(nudged("4 g", -10)).toBe("0 g");
  });
  it("is left alone where it begins with a fraction or a word", () => {
    expect(nudged("1/2 cup", 1)).toBe("1/2 cup");
    expect(nudged("1 1/2 cups", 1)).toBe("1 1/2 cups");
    expect(nudged("some", 1)).toBe("some");
  });
  it("refuses half a portion and says what to write", () => {
    expect(readWhole("8", 1, 500)).toEqual({ ok: true, value: 8 });
    expect(readWhole("2.5", 1, 500)).toEqual({ ok: false, mend: "Write a whole number from 1 to 500." });
    expect(readWhole("", 1, 500).ok).toBe(false);
  });
  it("wants a name where a name belongs", () => {
    expect(readText("  Quiche ", 1, 120)).toEqual({ ok: true, value: "Quiche" });
    expect(readText(" ", 1, 120)).toEqual({ ok: false, mend: "Write a name." });
    expect(readText("x".repeat(9), 0, 8).ok).toBe(false);
  });
  it("is read as a number of one unit within limits, with a comma or a point", () => {
    expect(readNumber("24.5", 0, 200, "%")).toEqual({ ok: true, value: 24.5 });
    expect(readNumber(" 24,5 % ", 0, 200, "%")).toEqual({ ok: true, value: 24.5 });
    for (const words of ["", "lots", "-3", "201", "24 g", "1 2"]) {
      expect(readNumber(words, 0, 200, "%")).toEqual({ ok: false, mend: "Write a number from 0 to 200 %." });
    }
  });
});
