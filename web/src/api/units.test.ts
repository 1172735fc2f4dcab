import { describe, expect, it } from "vitest";
import { inTurn, unitsChosen } from "./units";

const later = (ms: number) => new Promise((done) => setTimeout(done, ms));

describe("choosing units", () => {
  it("stores one choice after another, and whoever reads words waits for all of them", async () => {
    const stored: string[] = [];
    const slow = inTurn(async () => {
      await later(20);
      stored.push("°F");
    });
    void inTurn(async () => void stored.push("US cups"));
    expect(stored).toEqual([]);
    await unitsChosen();
    expect(stored).toEqual(["°F", "US cups"]);
    await slow;
  });

  it("goes on after a choice that could not be stored", async () => {
    await expect(inTurn(() => Promise.reject(new Error("offline")))).rejects.toThrow("offline");
    await expect(inTurn(async () => "stored")).resolves.toBe("stored");
    await unitsChosen();
  });
});
