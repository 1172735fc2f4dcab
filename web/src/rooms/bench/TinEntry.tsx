import { chakra, Flex } from "@chakra-ui/react";
import { type KeyboardEvent, useState } from "react";
import { Button } from "../../ui/Button";
import { useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { setAt } from "./pointer";
import { TinMeasureEntry } from "./TinMeasureEntry";
import { MEASURES, measureOf, reshaped, SHAPES, sameTin, type Tin } from "./tins";
import { useScaling } from "./useScaling";

/** "24 cm straight tin, 3.5 cm deep"; pressed, its measures are edited in place, and the filling can follow them. */
export function TinEntry({ label, tin }: { label: string; tin: Tin }) {
  const { change } = useBenchContext();
  const { scale, trouble } = useScaling();
  const [was, setWas] = useState<Tin | null>(null);
  if (!was) {
    return (
      <chakra.button
        type="button"
        aria-expanded="false"
        onClick={() => setWas(tin)}
        background="transparent"
        border="0"
        borderBottom="1.6px dotted {colors.rim}"
        padding="1px 0 0"
        cursor="pointer"
        _hover={{ borderBottomStyle: "solid", background: "well" }}
      >
        {label}
      </chakra.button>
    );
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape" && !(event.target instanceof HTMLInputElement)) setWas(null);
  };
  const another = !sameTin(was, tin);
  const follow = async () => {
    if (await scale({ to: "tin", was })) setWas(tin);
  };
  return (
    <Flex
      gap="4px 14px"
      wrap="wrap"
      align="baseline"
      role="group"
      aria-label="The tin, inside measures"
      onKeyDown={onKeyDown}
    >
      <Choice
        label="Shape of the tin"
        value={tin.shape}
        options={SHAPES}
        choose={(shape) => change((design) => setAt(design, "/tin", reshaped(design.tin, shape)))}
      />
      {MEASURES[tin.shape].map((measure) => (
        <TinMeasureEntry key={measure.key} measure={measure} value={measureOf(tin, measure.key)} />
      ))}
      {another && (
        <Button look="plain" minHeight="28px" onClick={follow}>
          Scale the filling to this tin
        </Button>
      )}
      <Button look="plain" minHeight="28px" onClick={() => setWas(null)}>
        Done
      </Button>
      {trouble && <span role="status">{trouble}</span>}
    </Flex>
  );
}
