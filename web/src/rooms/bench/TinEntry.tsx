import { Box, chakra, Flex } from "@chakra-ui/react";
import { type KeyboardEvent, useState } from "react";
import type { PieDesign } from "../../api/client";
import { Button } from "../../ui/Button";
import { number } from "../../ui/numbers";
import { useBenchContext } from "./BenchContext";
import { Choice } from "./Choice";
import { NumberEntry } from "./NumberEntry";
import { setAt } from "./pointer";

type Tin = PieDesign["tin"];

const cm = (mm: number) => `${number(mm / 10, Number.isInteger(mm / 10) ? 0 : 1)} cm`;

/** "24 cm straight tin, 3.5 cm deep"; pressed, its measures are edited in place. */
export function TinEntry({ label, tin }: { label: string; tin: Tin }) {
  const { change } = useBenchContext();
  const [open, setOpen] = useState(false);
  if (!open) {
    return (
      <chakra.button
        type="button"
        aria-expanded="false"
        onClick={() => setOpen(true)}
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
  const reshape = (shape: Tin["shape"]) => {
    const rim = tin.shape === "round-straight" ? tin.diameterMm : tin.rimDiameterMm;
    const floor = tin.shape === "round-straight" ? tin.diameterMm : tin.floorDiameterMm;
    const to: Tin =
      shape === "round-straight"
        ? { shape, diameterMm: rim, depthMm: tin.depthMm }
        : { shape, floorDiameterMm: floor, rimDiameterMm: rim, depthMm: tin.depthMm };
    change((design) => setAt(design, "/tin", to));
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape" && !(event.target instanceof HTMLInputElement)) setOpen(false);
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
        options={[
          ["round-straight", "round, straight"],
          ["round-sloped", "round, sloped"],
        ]}
        choose={reshape}
      />
      {tin.shape === "round-straight" ? (
        <Measure name="wide" label="Tin, inside width" at="/tin/diameterMm" mm={tin.diameterMm} />
      ) : (
        <>
          <Measure
            name="at the floor"
            label="Tin, inside width at the floor"
            at="/tin/floorDiameterMm"
            mm={tin.floorDiameterMm}
          />
          <Measure
            name="at the rim"
            label="Tin, inside width at the rim"
            at="/tin/rimDiameterMm"
            mm={tin.rimDiameterMm}
          />
        </>
      )}
      <Measure name="deep" label="Tin, inside depth" at="/tin/depthMm" mm={tin.depthMm} />
      <Button look="plain" minHeight="28px" onClick={() => setOpen(false)}>
        Done
      </Button>
    </Flex>
  );
}

function Measure({ name, label, at, mm }: { name: string; label: string; at: string; mm: number }) {
  return (
    <Box>
      <NumberEntry label={label} at={at} kind="length" words={cm(mm)} /> {name}
    </Box>
  );
}
