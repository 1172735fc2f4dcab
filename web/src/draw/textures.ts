import type { SectionLayer } from "../api/client";
import type { Frame } from "./frame";
import { seeded } from "./random";

/** Pieces of a layer as two paths: outlines that may be filled, and lines drawn on them. */
type Pieces = { outlines: string; lines: string };

type Place = { x: number; y: number; random: () => number };
type Piece = { width: number; height: number; draw: (place: Place) => Partial<Pieces> };

const at = (value: number) => Math.round(value * 10) / 10;

const wave = (x: number, y: number, length: number) =>
  `M${at(x)},${at(y)} q${at(length / 4)},-2.4 ${at(length / 2)},0 t${at(length / 2)},0`;

/** How one piece of each texture looks; sizes in px at the usual scale of a bench. */
const PIECES: Record<string, Piece> = {
  strands: {
    width: 40,
    height: 17,
    draw: ({ x, y, random }) => {
      const strands = 3 + Math.floor(random() * 2);
      const lines = Array.from({ length: strands }, (_, i) =>
        wave(x + random() * 5, y - 6 + i * 4, 20 + random() * 16),
      );
      return { lines: lines.join(" ") };
    },
  },
  flakes: {
    width: 52,
    height: 21,
    draw: ({ x, y, random }) => {
      const w = 22 + random() * 20;
      const h = 11 + random() * 6;
      const lean = 4 + random() * 5;
      const outlines = `M${at(x + lean)},${at(y - h / 2)} l${at(w - lean)},-2 l${at(lean)},${at(h * 0.45)} l${at(-lean)},${at(h * 0.6)} l${at(-w + 2)},2 l${at(-lean)},${at(-h * 0.5)} Z`;
      const lines = [0.3, 0.5, 0.7].map(
        (t) => `M${at(x + w * t)},${at(y - h / 2 + 2)} l${at(-lean * 0.7)},${at(h - 4)}`,
      );
      return { outlines, lines: lines.join(" ") };
    },
  },
  shavings: {
    width: 20,
    height: 10,
    draw: ({ x, y, random }) => ({
      lines: `M${at(x)},${at(y)} q${at(4 + random() * 4)},${at(-7 + random() * 4)} ${at(8 + random() * 7)},${at(random() * 4 - 2)}`,
    }),
  },
  cubes: {
    width: 24,
    height: 22,
    draw: ({ x, y, random }) => {
      const s = 11 + random() * 4;
      const [left, top] = [at(x), at(y - s / 2)];
      const r = 2;
      return {
        outlines: `M${left + r},${top} h${at(s - 2 * r)} q${r},0 ${r},${r} v${at(s - 2 * r)} q0,${r} -${r},${r} h${at(2 * r - s)} q-${r},0 -${r},-${r} v${at(2 * r - s)} q0,-${r} ${r},-${r} Z`,
        lines: `M${left + 3},${at(top + s * 0.62)} l${at(s - 6)},-2`,
      };
    },
  },
  arcs: {
    width: 26,
    height: 13,
    draw: ({ x, y, random }) => ({
      lines: `M${at(x)},${at(y + 3)} q${at(9 + random() * 4)},${at(-11 - random() * 3)} ${at(18 + random() * 5)},0`,
    }),
  },
  crumbs: {
    width: 12,
    height: 9,
    draw: ({ x, y }) => ({ outlines: `M${at(x)},${at(y)} a1.1,1.1 0 1 0 2.2,0 a1.1,1.1 0 1 0 -2.2,0` }),
  },
};

const PLAIN: Piece = { width: 40, height: 20, draw: () => ({}) };

/** The pieces of a layer, counted from the axis and from below, so that more of it only adds pieces. */
export function piecesOf(layer: SectionLayer, frame: Frame, texture = layer.texture): Pieces {
  const piece = PIECES[texture] ?? PLAIN;
  const bottom = frame.y(layer.bottomMm);
  const top = frame.y(layer.topMm);
  const tall = bottom - top;
  const rows = tall < 6 ? 0 : Math.max(1, Math.floor(tall / piece.height));
  const pitch = Math.min(piece.height, tall);
  const outlines: string[] = [];
  const lines: string[] = [];
  for (let row = 0; row < rows; row++) {
    const random = seeded(`${layer.id}/${texture}/${row}`);
    const y = bottom - (row + 0.5) * pitch;
    const right = frame.x(frame.insideMm(layer.bottomMm)) - piece.width * 0.8;
    for (let x = frame.x(0) + 4 + (row % 2) * piece.width * 0.4; x < right; x += piece.width) {
      const [keep, dx, dy] = [random(), random() * 5, random() * 3 - 1.5];
      const drawn = piece.draw({ x: x + dx, y: y + dy, random });
      if (keep > Math.min(1, layer.packing * 1.15)) continue;
      outlines.push(drawn.outlines ?? "");
      lines.push(drawn.lines ?? "");
    }
  }
  return { outlines: outlines.join(" ").trim(), lines: lines.join(" ").trim() };
}
