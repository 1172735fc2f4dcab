import { render, screen } from "@testing-library/react";
import { expect, test } from "vitest";
import type { FaultName } from "../../api/client";
import { FaultPicture } from "../../draw/FaultPicture";
import { MissRule } from "../../draw/MissRule";
import { PlaceRule } from "../../draw/PlaceRule";
import { FAULTS } from "./words";

const html = (fault: FaultName) => {
  const { container, unmount } = render(<FaultPicture fault={fault} />);
  const drawn = container.querySelector("g")?.innerHTML ?? "";
  unmount();
  return drawn;
};

test("each fault has a drawing of its own", () => {
  const drawn = FAULTS.map(([fault]) => html(fault));
  expect(drawn.every((one) => one.length > 100)).toBe(true);
  expect(new Set(drawn).size).toBe(FAULTS.length);
});

const miss = (name: string, lateMinutes: number, isInRange: boolean) => ({
  bake: name,
  name,
  outAt: 0,
  lateMinutes,
  fromMinutes: -3,
  toMinutes: 4,
  isInRange,
});

test("a bake out of its range stands on the rule and its name is heavy", () => {
  const { container } = render(<MissRule misses={[miss("Quiche", 1, true), miss("Tart", 9, false)]} width={700} />);
  expect(screen.getByRole("img").getAttribute("aria-label")).toBe(
    "1 of 2 bakes came out within the minutes that were told",
  );
  expect(screen.getByText("Tart").getAttribute("font-weight")).toBe("680");
  expect(screen.getByText("Quiche").getAttribute("font-weight")).toBe("430");
  expect(screen.getByText("as told")).toBeDefined();
  // posts stand in the order of their minutes
  const posts = [...container.querySelectorAll('path[stroke-width="4"]')].map((one) =>
    Number(/M([\d.]+)/.exec(one.getAttribute("d") ?? "")?.[1]),
  );
  expect(posts[1]).toBeGreaterThan(posts[0] ?? 0);
});

test("pies of one place stand on each other, and only the best is filled", () => {
  const pies = [
    { letter: "A", name: "lard", meanPlace: 1.5 },
    { letter: "B", name: "butter", meanPlace: 1.5 },
    { letter: "C", name: "oil", meanPlace: 3 },
  ];
  const { container, rerender } = render(<PlaceRule pies={pies} best={null} />);
  const height = () => Number(container.querySelector("svg")?.getAttribute("height"));
  const level = height();
  rerender(<PlaceRule pies={pies.map((one, at) => ({ ...one, meanPlace: at + 1 }))} best={0} />);
  expect(height()).toBeLessThan(level);
  const filled = [...container.querySelectorAll("path[fill]")].filter((one) =>
    one.getAttribute("fill")?.includes("rim"),
  );
  expect(filled).toHaveLength(1);
  expect(screen.getByText("first")).toBeDefined();
});
