import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Cutter, Sheet } from "../api/client";
import { CutSheet } from "./CutSheet";

const sheet: Sheet = {
  widthMm: 240,
  lengthMm: 120,
  sheets: 1,
  laid: "side by side",
  placements: [
    { xMm: 60, yMm: 60, quarters: 0 },
    { xMm: 180, yMm: 60, quarters: 1 },
  ],
};
const cutter = (shape: Cutter["shape"], lengthMm: number, widthMm: number): Cutter => ({ shape, lengthMm, widthMm });

describe("the cutting sheet", () => {
  it("is true to scale on the screen and one to one on paper", () => {
    const { rerender } = render(<CutSheet sheet={sheet} cutter={cutter("disc", 120, 120)} scale={0.5} from={1} />);
    expect(screen.getByRole("img").getAttribute("width")).toBe("120");
    rerender(<CutSheet sheet={sheet} cutter={cutter("disc", 120, 120)} scale={1} from={1} paper />);
    expect(screen.getByRole("img").getAttribute("width")).toBe("240mm");
    expect(screen.getByRole("img").getAttribute("viewBox")).toBe("0 0 240 120");
  });

  it("numbers the pieces on from those that were cut before", () => {
    render(<CutSheet sheet={sheet} cutter={cutter("disc", 120, 120)} scale={0.5} from={13} />);
    expect(screen.getByText("13")).toBeTruthy();
    expect(screen.getByText("14")).toBeTruthy();
  });

  it("says what is on it to those who do not see it", () => {
    render(<CutSheet sheet={sheet} cutter={cutter("half-moon", 120, 60)} scale={0.5} from={1} />);
    expect(screen.getByRole("img", { name: "Sheet of 24 by 12 cm with 2 pieces, side by side" })).toBeTruthy();
  });

  it("draws each shape in its own outline, turned with its placement", () => {
    for (const [shape, lengthMm, widthMm, outline] of [
      ["disc", 120, 120, "A60,60"],
      ["half-moon", 120, 60, "A60,60 0 0 1"],
      ["rectangle", 100, 60, "H50"],
    ] as const) {
      const { container, unmount } = render(
        <CutSheet sheet={sheet} cutter={cutter(shape, lengthMm, widthMm)} scale={0.5} from={1} />,
      );
      const pieces = [...container.querySelectorAll("g > path")].map((one) => one.getAttribute("d") ?? "");
      expect(pieces.filter((one) => one.includes(outline))).toHaveLength(2);
      expect(container.querySelectorAll("g[transform*='rotate(90)']")).toHaveLength(1);
      unmount();
    }
  });
});
