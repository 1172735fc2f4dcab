import { chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useState } from "react";
import { tinsQuery } from "../../../api/queries";
import { setAt } from "../../../pie/pointer";
import { closed, FOLDS, measuresOf, reshaped, SHAPES, sameTin, type Tin } from "../../../tin/tins";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/Choice";
import { useScaling } from "../advice/useDesignAct";
import { useBenchContext } from "../BenchContext";
import { TinMeasureEntry } from "./TinMeasureEntry";

/** "24 cm straight tin, 3.5 cm deep"; pressed, its measures are edited in place, and the filling can follow them. */
export function TinEntry({ label, tin }: { label: string; tin: Tin }) {
  const { change, kitchen } = useBenchContext();
  const shelf = useQuery(tinsQuery(kitchen)).data ?? [];
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
        textAlign="left"
        whiteSpace={{ lg: "nowrap" }}
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
    // it may have been shut meanwhile
    if (await scale({ to: "tin", was })) setWas((open) => open && tin);
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
      {shelf.length > 0 && (
        <Choice
          label="A tin of yours"
          value={shelf.find((one) => sameTin(one.tin, tin))?.id ?? ""}
          options={[["", "from the shelf"], ...shelf.map((one) => [one.id, one.name] as [string, string])]}
          choose={(id) => {
            const found = shelf.find((one) => one.id === id);
            if (found) change((design) => setAt(design, "/tin", found.tin));
          }}
        />
      )}
      <Choice
        label="Shape of the tin"
        value={tin.shape}
        options={SHAPES}
        choose={(shape) => change((design) => setAt(design, "/tin", reshaped(design.tin, shape)))}
      />
      {tin.shape === "folded" && (
        <Choice
          label="How it is closed"
          value={tin.fold}
          options={FOLDS}
          choose={(fold) => change((design) => setAt(design, "/tin", closed(tin, fold)))}
        />
      )}
      {measuresOf(tin).map((measure) => (
        <TinMeasureEntry key={measure.key} measure={measure} tin={tin} />
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
