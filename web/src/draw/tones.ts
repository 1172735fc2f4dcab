/**
 * The food in its own colours, muted to the house: bed, piece and line for each kind of food, light and dark (theme.ts). The line
 * and the shape of the piece carry the picture for whoever sees no hue.
 */
type FoodTone =
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

const NO_PIECE: FoodTone[] = ["custard", "pastry"];

/** The three inks of a kind, as the theme has them. */
export const toneInk = (tone: FoodTone) => ({
  bed: `var(--hj-colors-food-${tone}-bed)`,
  piece: NO_PIECE.includes(tone) ? "none" : `var(--hj-colors-food-${tone}-piece)`,
  line: `var(--hj-colors-food-${tone}-line)`,
});
