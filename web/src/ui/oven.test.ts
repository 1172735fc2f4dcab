import { describe, expect, it } from "vitest";
import { ovenWords } from "./oven";

describe("an oven told in the cook's own way", () => {
  it("in °C and °F", () => {
    expect(ovenWords(175, "celsius")).toBe("175 °C");
    expect(ovenWords(176.67, "fahrenheit")).toBe("350 °F");
  });
  it("in gas marks where it is one, in °C where it lies between", () => {
    expect(ovenWords(180, "gas-mark")).toBe("gas 4");
    expect(ovenWords(208, "gas-mark")).toBe("gas 6");
    expect(ovenWords(187, "gas-mark")).toBe("gas 4 1/2");
    expect(ovenWords(131.4, "gas-mark")).toBe("gas 1/2");
    expect(ovenWords(175, "gas-mark")).toBe("175 °C");
  });
});
