import { number } from "./numbers";

/** How a cook likes an oven told. */
type OvenScale = "celsius" | "fahrenheit" | "gas-mark";

const KELVINS_A_MARK = 125 / 9;

/** "175 °C", "347 °F", "gas 4 (180 °C)": the gas mark is the nearest half, so the degrees stand beside it. */
export function ovenWords(celsius: number, scale: OvenScale): string {
  switch (scale) {
    case "fahrenheit":
      return `${number(celsius * 1.8 + 32)} °F`;
    case "gas-mark": {
      const halves = Math.round((4 + (celsius - 180) / KELVINS_A_MARK) * 2) / 2;
      const mark = Number.isInteger(halves) ? `${halves}` : `${Math.floor(halves) || ""} 1/2`.trim();
      return Math.abs(180 + (halves - 4) * KELVINS_A_MARK - celsius) < 1 ? `gas ${mark}` : `${number(celsius)} °C`;
    }
    default:
      return `${number(celsius)} °C`;
  }
}
