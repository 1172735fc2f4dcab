import { expect, test } from "vitest";
import type { GateItem } from "../../api/client";
import { costOf, isMeasuredRight, isTrouble, readsOf } from "./gate";
import { clockSize, countdown, shortName } from "./said";

const oven = {
  name: "oven-hot",
  wantedCelsius: 175,
  costs: [
    { atCelsius: 170, says: "a little", waitMinutes: 1 },
    { atCelsius: 130, says: "much", waitMinutes: 5 },
    { atCelsius: 80, says: "too much", waitMinutes: 10 },
  ],
} as GateItem;
const filling = { ...oven, name: "filling-cool", wantedCelsius: 25 } as GateItem;
const vent = {
  ...oven,
  name: "vented",
  wantedCelsius: null,
  costs: [{ atCelsius: null, says: "bursts", waitMinutes: null }],
} as GateItem;

test("an oven is cold below its heat and a filling hot above it", () => {
  expect(isTrouble(oven, 171)).toBe(true);
  expect(isTrouble(oven, 176)).toBe(false);
  expect(isTrouble(filling, 34)).toBe(true);
  expect(isTrouble(filling, 20)).toBe(false);
  expect(isTrouble(oven, null)).toBe(false);
  expect(isTrouble(vent, 500)).toBe(false);
});

test("what a thermometer finds right needs no tick; without one it does", () => {
  expect(isMeasuredRight(oven, 178)).toBe(true);
  expect(isMeasuredRight(oven, 160)).toBe(false);
  expect(isMeasuredRight(oven, null)).toBe(false);
  const measured = { probeCelsius: 34, ovenCelsius: 171 };
  expect(readsOf(oven, measured)).toBe(171);
  expect(readsOf(filling, measured)).toBe(34);
  expect(readsOf(vent, measured)).toBeNull();
});

test("the price is that of what was measured, or of a common miss", () => {
  expect(costOf(oven, 168).says).toBe("a little");
  expect(costOf(oven, 120).says).toBe("much");
  expect(costOf(oven, null).says).toBe("too much");
  expect(costOf(vent, null).says).toBe("bursts");
});

test("a countdown is told to the second and never below nothing", () => {
  expect(countdown(320_000)).toBe("5:20");
  expect(countdown(65_400)).toBe("1:06");
  expect(countdown(3_725_000)).toBe("1:02:05");
  expect(countdown(-5)).toBe("0:00");
  expect(clockSize(320_000, 204).lg).toBe("204px");
  expect(clockSize(3_725_000, 204).lg).toBe("122px");
  expect(shortName("Smoked trout and leek quiche")).toBe("Smoked trout");
  expect(shortName("Pumpkin, sage and hazelnut tart")).toBe("Pumpkin");
});
