import { Box } from "@chakra-ui/react";
import { usePlaces } from "../../../api/usePlaces";
import { setAt } from "../../../pie/pointer";
import { Choice } from "../../../ui/Choice";
import { useAssumed, useBenchContext } from "../BenchContext";

/** Where a layer comes from when it goes in; a temperature of a file that is none of these stands as it is. */
export function FromEntry({ label, at, celsius }: { label: string; at: string; celsius: number }) {
  const { change } = useBenchContext();
  const value = String(celsius);
  const places = usePlaces().map((one): [string, string] => [String(one.celsius), one.title]);
  const options = places.some(([one]) => one === value)
    ? places
    : [...places, [value, `${value} °C`] as [string, string]];
  return (
    <Box color="ink2">
      <Choice
        label={`${label}, where it comes from`}
        value={value}
        options={options}
        assumed={useAssumed(`${at}/fromCelsius`)}
        choose={(to) => change((design) => setAt(design, `${at}/fromCelsius`, Number(to)))}
      />
    </Box>
  );
}
