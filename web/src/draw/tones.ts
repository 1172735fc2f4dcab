/**
 * The food in its own colours, muted to the house: bed, piece and line for each kind of food, light and dark (theme.ts). The line
 * and the shape of the piece carry the picture for whoever sees no hue.
 */
export type FoodTone =
  | "custard"
  | "greens"
  | "fish"
  | "roots"
  | "white"
  | "meat"
  | "nuts"
  | "tomato"
  | "beetroot"
  | "cheese"
  | "pastry";

type Drawn = { /** a piece around 0,0 */ shape: string; isStroke?: boolean };

export const FOOD: Record<FoodTone, Drawn> = {
  custard: { shape: "" },
  greens: { shape: "M-8,-2 q3,-3 6,0 t6,0 t4,0 M-7,2 q3,-3 6,0 t6,0", isStroke: true },
  fish: { shape: "M-9,3 l4,-6 h12 l2,2 l-4,5 h-12 z" },
  roots: { shape: "M-5,-5 h9 v9 h-9 z" },
  white: { shape: "M-6,2 q5,-7 11,0", isStroke: true },
  meat: { shape: "M-5,-4 h8 q2,0 2,2 v5 q0,2 -2,2 h-8 q-2,0 -2,-2 v-5 q0,-2 2,-2 z" },
  nuts: { shape: "M-5,4 q0,-9 5,-9 q5,0 5,9 z" },
  tomato: { shape: "M-6,4 q0,-9 6,-9 q6,0 6,9 z" },
  beetroot: { shape: "M-5,-4 h9 v8 h-9 z" },
  cheese: { shape: "M-6,1 q5,-5 10,0", isStroke: true },
  pastry: { shape: "" },
};

const NO_PIECE: FoodTone[] = ["custard", "pastry"];

/** The three inks of a kind, as the theme has them. */
export const toneInk = (tone: FoodTone) => ({
  bed: `var(--hj-colors-food-${tone}-bed)`,
  piece: NO_PIECE.includes(tone) ? "none" : `var(--hj-colors-food-${tone}-piece)`,
  line: `var(--hj-colors-food-${tone}-line)`,
});
