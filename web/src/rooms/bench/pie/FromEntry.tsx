import { Box } from "@chakra-ui/react";
import { Choice } from "../../../ui/Choice";
import { useBenchContext } from "../BenchContext";
import { setAt } from "../pointer";

const PLACES: [string, string][] = [
  ["-18", "from the freezer"],
  ["5", "from the fridge, 5 °C"],
  ["10", "cool, 10 °C"],
  ["20", "from the bench, 20 °C"],
  ["40", "lukewarm, 40 °C"],
  ["60", "hot from the pan, 60 °C"],
];

/** Where a layer comes from when it goes in; a temperature of a file that is none of these stands as it is. */
export function FromEntry({ label, at, celsius }: { label: string; at: string; celsius: number }) {
  const { change } = useBenchContext();
  const value = String(celsius);
  const options = PLACES.some(([one]) => one === value)
    ? PLACES
    : [...PLACES, [value, `${value} °C`] as [string, string]];
  return (
    <Box color="ink2">
      <Choice
        label={`${label}, where it comes from`}
        value={value}
        options={options}
        choose={(to) => change((design) => setAt(design, `${at}/fromCelsius`, Number(to)))}
      />
    </Box>
  );
}
