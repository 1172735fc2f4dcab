import { describe, expect, it } from "vitest";
import { filmGrid } from "../../test/film";
import { section } from "../../test/kitchen";
import type { BakeFilm, BakeFrame } from "../api/client";
import { classOf, fieldOf, meaning } from "./fields";
import { bands, frameAt, outline, pastry, shapeOf } from "./film";
import { frameOf } from "./frame";

const cells = filmGrid.kinds.length;
const state = (minute: number, stage: BakeFrame["stage"], celsius: number): BakeFrame => ({
  stage,
  minute,
  celsius: Array(cells).fill(celsius),
  waterPercent: Array(cells).fill(70),
  setPercent: Array(cells).fill(0),
  topBrown: [0, 0, 0, 0],
  rimBrown: 0,
  underBrown: 0,
  insideBrown: 0,
});

const film: BakeFilm = {
  setsAtCelsius: 78,
  grid: filmGrid,
  frames: [state(0, "weighted", 20), state(10, "weighted", 120), state(10, "filled", 10), state(20, "bake", 30)],
};
const frame = frameOf(section, 540, { left: 8, right: 70, top: 30, bottom: 40 });
const shape = shapeOf(section, frame, film.grid);

describe("the film of a bake", () => {
  it("is even between two frames of a stage, and never mixes two stages", () => {
    expect(frameAt(film, 5).celsius[0]).toBe(70);
    expect(frameAt(film, 15)).toBe(film.frames[3]);
    expect(frameAt(film, 999)).toBe(film.frames[3]);
  });

  it("lays its cells where the section is drawn", () => {
    expect(shape.point(0, 1)).toEqual([frame.x(0), frame.y(section.tin.crustMm)]);
    expect(shape.point(1, 2)).toEqual([frame.x(117), frame.y(section.fillTopMm)]);
    expect(shape.point(2, 0)).toEqual([frame.x(120), frame.y(0)]);
  });

  it("knows the cell under a place, and that there is none beside the pie", () => {
    expect(shape.cellAt(frame.x(20), frame.y(10))).toBe(8);
    expect(shape.cellAt(frame.x(119), frame.y(10))).toBe(10);
    expect(shape.cellAt(frame.x(20), frame.y(1))).toBe(4);
    expect(shape.cellAt(frame.x(300), frame.y(10))).toBeNull();
  });

  it("draws a band only where a limit is reached, and all pastry in its class", () => {
    const half = film.grid.kinds.map((_, i) => (i >= 12 ? 90 : 10));
    const [low, high] = bands(film.grid, shape, half, [50, 95]);
    expect(low).toMatch(/^M[\d.,L-]+Z/);
    expect(high).toBe("");
    expect(outline(shape)).toMatch(/^M.*Z$/);
    const paths = pastry(film.grid, shape, half, [50]);
    expect(paths.map((path) => path.split("Z").length - 1)).toEqual([4, 1]);
  });
});

describe("the classes of a field", () => {
  it("have this custard's own set point among those of heat", () => {
    expect(fieldOf("heat", film).breaks).toContain(78);
    expect(fieldOf("heat", { setsAtCelsius: null }).words.map(([, word]) => word)).not.toContain("sets");
  });

  it("rise with the value, and words say what a point is", () => {
    const { breaks } = fieldOf("water", film);
    expect([0, 6, 11, 19, 99].map((value) => classOf(value, breaks))).toEqual([0, 1, 2, 3, 8]);
    expect(meaning(60, 0, "filling", 70, 78)).toBe("liquid still");
    expect(meaning(80, 100, "filling", 70, 78)).toBe("set");
    expect(meaning(95, 120, "filling", 70, 78)).toBe("past its best");
    expect(meaning(95, 160, "filling", 70, 78)).toContain("tough");
    expect(meaning(60, 0, "filling", 70, null)).toContain("not safe yet");
    expect(meaning(90, 0, "crust", 15, 78)).toBe("dry");
  });
});
