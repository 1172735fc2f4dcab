import type { BakeFilm } from "../src/api/client";

const CELLS = 16;
const kinds = Array.from({ length: CELLS }, (_, i) =>
  i % 4 === 3 || i < 4 ? ("tin" as const) : i < 8 || i % 4 === 2 ? ("crust" as const) : ("filling" as const),
);

/** The coarsest half section there can be: a tin, a base, a side, two by two cells of filling. */
export const filmGrid: BakeFilm["grid"] = {
  columns: 4,
  rows: 4,
  fillColumns: 2,
  sideColumns: 1,
  baseRows: 1,
  fillFrom: 2,
  fillTo: 3,
  widthsMm: [60, 57, 3, 1],
  heightsMm: [1, 3, 13, 14],
  kinds,
};
