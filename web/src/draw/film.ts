import { contours } from "d3-contour";
import type { BakeFilm, BakeFrame, Section } from "../api/client";
import { classOf } from "./fields";
import { type Frame, foldBend } from "./frame";

type Grid = BakeFilm["grid"];

/** The state at a minute: between two frames of one stage it is taken as even. */
export function frameAt(film: BakeFilm, minute: number): BakeFrame {
  const { frames } = film;
  const after = frames.findIndex((frame) => frame.minute >= minute - 1e-6);
  const to = frames[after === -1 ? frames.length - 1 : after] as BakeFrame;
  const from = frames[after - 1];
  if (after <= 0 || !from || from.stage !== to.stage) return to;
  const share = (minute - from.minute) / (to.minute - from.minute || 1);
  const mix = (a: number, b: number) => a + (b - a) * share;
  const all = (a: number[], b: number[]) => b.map((value, i) => mix(a[i] ?? value, value));
  return {
    stage: to.stage,
    minute,
    celsius: all(from.celsius, to.celsius),
    waterPercent: all(from.waterPercent, to.waterPercent),
    setPercent: all(from.setPercent, to.setPercent),
    topBrown: all(from.topBrown, to.topBrown),
    rimBrown: mix(from.rimBrown, to.rimBrown),
    underBrown: mix(from.underBrown, to.underBrown),
    insideBrown: mix(from.insideBrown, to.insideBrown),
  };
}

function sums(sizes: number[]): number[] {
  const edges = [0];
  for (const size of sizes) edges.push((edges.at(-1) ?? 0) + size);
  return edges;
}

/** Where the cells of a bake come to lie in the drawing of its section, px. */
type Shape = {
  /** edges of columns and rows, as shares: 0 to 1 filling, 1 to 2 side crust; rows 0 to 1 base, 1 to 2 filling, 2 to 3 lid */
  point: (u: number, v: number) => [number, number];
  columns: number[];
  rows: number[];
  /** the cell under a place in px, or null beside the pie */
  cellAt: (x: number, y: number) => number | null;
};

export function shapeOf(section: Section, frame: Frame, grid: Grid): Shape {
  const { tin } = section;
  const folded = section.form === "folded";
  const base = grid.baseRows > 0 ? tin.crustMm : 0;
  const top = Math.max(section.fillTopMm, base + 0.1);
  const lid = section.lid?.thicknessMm ?? 0;
  const out = tin.rimRadiusMm;
  const bend = (xMm: number) => (folded ? foldBend(xMm, out) : 1);
  const height = (v: number, side: boolean) => {
    if (v <= 1) return v * base;
    const to = side && !folded ? Math.max(tin.depthMm, top) : top;
    return v <= 2 ? base + (v - 1) * (to - base) : to + (v - 2) * lid;
  };
  const wide = (u: number, yMm: number) => {
    const inside = Math.max(1, frame.insideMm(folded ? base : yMm));
    const wall = folded ? out : frame.wallMm(yMm);
    return u <= 1 ? u * inside : inside + (u - 1) * (wall - inside);
  };
  const point = (u: number, v: number): [number, number] => {
    const yMm = height(v, u > 1);
    const xMm = wide(u, yMm);
    return [frame.x(xMm), frame.y(yMm <= base ? yMm : base + (yMm - base) * bend(xMm))];
  };
  const share = (edges: number[], from: number, to: number, at: number) => {
    const [a, b] = [edges[from] ?? 0, edges[to] ?? 1];
    return (at - a) / (b - a || 1);
  };
  const x = sums(grid.widthsMm);
  const y = sums(grid.heightsMm);
  const columns = x.map((at, i) =>
    i <= grid.fillColumns
      ? share(x, 0, grid.fillColumns, at)
      : 1 + share(x, grid.fillColumns, grid.fillColumns + grid.sideColumns, at),
  );
  const rows = y.map((at, j) => {
    if (j <= grid.fillFrom) return grid.baseRows > 0 ? share(y, 1, grid.fillFrom, at) : 1;
    return j <= grid.fillTo + 1
      ? 1 + share(y, grid.fillFrom, grid.fillTo + 1, at)
      : 2 + share(y, grid.fillTo + 1, grid.rows, at);
  });
  const cellAt = (px: number, py: number) => {
    for (let j = 1; j < grid.rows; j++) {
      for (let i = 0; i < grid.fillColumns + grid.sideColumns; i++) {
        const [x0, y0] = point(columns[i] ?? 0, rows[j] ?? 0);
        const [x1, y1] = point(columns[i + 1] ?? 0, rows[j + 1] ?? 0);
        if (px >= x0 && px <= x1 && py <= y0 && py >= y1) return j * grid.columns + i;
      }
    }
    return null;
  };
  return { point, columns, rows, cellAt };
}

const ACROSS = 44;
const UP = 30;

/** The filling on an even raster, taken between the middles of its cells. */
function raster(grid: Grid, shape: Shape, values: number[]): number[] {
  const middles = (edges: number[], from: number, count: number) =>
    Array.from({ length: count }, (_, i) => ((edges[from + i] ?? 0) + (edges[from + i + 1] ?? 0)) / 2);
  const us = middles(shape.columns, 0, grid.fillColumns);
  const vs = middles(shape.rows, grid.fillFrom, grid.fillTo - grid.fillFrom + 1).map((v) => v - 1);
  const at = (list: number[], value: number): [number, number] => {
    const next = list.findIndex((one) => one >= value);
    if (next === 0) return [0, 0];
    if (next === -1) return [list.length - 1, 0];
    const [a, b] = [list[next - 1] ?? 0, list[next] ?? 1];
    return [next - 1, (value - a) / (b - a)];
  };
  const columns = Array.from({ length: ACROSS }, (_, i) => at(us, (i + 0.5) / ACROSS));
  return Array.from({ length: UP }, (_, j) => {
    const [row, up] = at(vs, (j + 0.5) / UP);
    return columns.map(([column, right]) => {
      const value = (r: number, c: number) =>
        values[(grid.fillFrom + Math.min(r, vs.length - 1)) * grid.columns + Math.min(c, us.length - 1)] ?? 0;
      const low = value(row, column) * (1 - right) + value(row, column + 1) * right;
      const high = value(row + 1, column) * (1 - right) + value(row + 1, column + 1) * right;
      return low * (1 - up) + high * up;
    });
  }).flat();
}

/** Outlines of the filling from each limit up, the lowest first; the whole filling comes before them. */
export function bands(grid: Grid, shape: Shape, values: number[], limits: number[]): string[] {
  const even = raster(grid, shape, values);
  return contours()
    .size([ACROSS, UP])
    .smooth(true)
    .thresholds(limits)(even)
    .map((band) => band.coordinates.map((polygon) => polygon.map((ring) => line(ring, shape)).join(" ")).join(" "));
}

function line(ring: number[][], shape: Shape): string {
  const points = ring.map(([i = 0, j = 0]) => {
    // the outline of a raster lies half a step inside of its edge: it is drawn out to it
    const stretch = (at: number, size: number) => (at <= 0.51 ? 0 : at >= size - 0.51 ? 1 : at / size);
    return shape
      .point(stretch(i, ACROSS), 1 + stretch(j, UP))
      .map((px) => px.toFixed(1))
      .join(",");
  });
  return `M${points.join("L")}Z`;
}

/** The outline of the whole filling. */
export function outline(shape: Shape): string {
  const steps = Array.from({ length: 25 }, (_, i) => i / 24);
  const points = [
    ...steps.map((u) => shape.point(u, 1)),
    ...steps.map((v) => shape.point(1, 1 + v)),
    ...[...steps].reverse().map((u) => shape.point(u, 2)),
  ];
  return `M${points.map((at) => at.map((px) => px.toFixed(1)).join(",")).join("L")}Z`;
}

/** Cells of pastry, those of one class together. */
export function pastry(grid: Grid, shape: Shape, values: number[], limits: number[]): string[] {
  const paths = Array.from({ length: limits.length + 1 }, () => "");
  for (let j = 1; j < grid.rows; j++) {
    for (let i = 0; i < grid.fillColumns + grid.sideColumns; i++) {
      const cell = j * grid.columns + i;
      const kind = grid.kinds[cell];
      if (kind !== "crust" && kind !== "lid") continue;
      const [a, b, c, d] = [shape.columns[i], shape.columns[i + 1], shape.rows[j], shape.rows[j + 1]] as number[] as [
        number,
        number,
        number,
        number,
      ];
      const corners = [shape.point(a, c), shape.point(b, c), shape.point(b, d), shape.point(a, d)];
      const level = classOf(values[cell] ?? 0, limits);
      paths[level] += `M${corners.map((at) => at.map((px) => px.toFixed(1)).join(",")).join("L")}Z`;
    }
  }
  return paths;
}
