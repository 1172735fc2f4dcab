import { describe, expect, it } from "vitest";
import { isOther, ledgerOf, losesWater, minutesMore } from "./ledger";

/** Figures of a pan by hand: 450 g of leeks to stop at 315, in a pan of 497 g. */
describe("the ledger at the pan", () => {
  it("says what is still to go and when the pan reads enough", () => {
    const ledger = ledgerOf(450, 315, 497, 868);
    expect(ledger.now).toBe(371);
    expect(ledger.toDriveOff).toBe(56);
    expect(ledger.drivenOff).toBe(79);
    expect(ledger.stopReads).toBe(812);
  });

  it("counts the minutes by the share that is still to go", () => {
    expect(minutesMore(ledgerOf(450, 315, 497, 947), 8)).toBe(8);
    expect(minutesMore(ledgerOf(450, 315, 497, 812), 8)).toBe(0);
    expect(minutesMore(ledgerOf(450, 315, 497, 879.5), 8)).toBeCloseTo(4);
    expect(minutesMore(ledgerOf(450, 315, 497, 700), 8)).toBe(0);
    expect(minutesMore(ledgerOf(450, 450, 497, 947), 8)).toBe(0);
  });

  it("knows another thing on the scale from the pan", () => {
    expect(isOther(ledgerOf(450, 315, 497, 120))).toBe(true);
    expect(isOther(ledgerOf(450, 315, 497, 1400))).toBe(true);
    expect(isOther(ledgerOf(450, 315, 497, 947))).toBe(false);
    expect(isOther(ledgerOf(450, 315, 497, 495))).toBe(false);
  });

  it("wants a ledger only where water is driven off", () => {
    expect(losesWater({ beforeGrams: 360, stopGrams: 360 })).toBe(false);
    expect(losesWater({ beforeGrams: 360, stopGrams: null })).toBe(false);
    expect(losesWater({ beforeGrams: 900, stopGrams: 630 })).toBe(true);
  });
});
