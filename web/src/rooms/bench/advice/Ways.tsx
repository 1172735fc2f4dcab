import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import { WayOutRow } from "../../../advice/WayOutRow";
import type { PieDesign, Reading, WayOut } from "../../../api/client";
import { waysOutQuery } from "../../../api/queries";
import { useSettled } from "../../../ui/useSettled";
import { useBenchContext } from "../BenchContext";

const WAIT_MS = 120;

type Props = {
  reading: Reading;
  /** the design that the reading is of */
  design: PieDesign;
  first: boolean;
  apply: (way: WayOut, of: PieDesign) => void;
};

/** The ways out of a reading in trouble. Those of the design before stay where they are, unpressed, while newer ones are looked for. */
export const Ways = memo(function Ways({ reading, design, first, apply }: Props) {
  const { kitchen } = useBenchContext();
  // each is baked many times over: not while a cook is typing
  const settled = useSettled(design, WAIT_MS);
  const query = useQuery(waysOutQuery(kitchen, settled, reading.name));
  const ways = query.data ?? [];
  const old = query.isPlaceholderData || settled !== design;
  if (query.error)
    return <Box color="ink2">Nothing found: {query.error.message} It looks again with the next change.</Box>;
  // as high as three ways out are: what stands below must not jump when they come
  if (query.isPending)
    return (
      <Box color="ink2" minHeight="220px" role="status">
        Looking for what helps
      </Box>
    );
  if (ways.length === 0 && !old) return <Box color="ink2">No change of what is in it is enough.</Box>;
  return (
    <Box aria-busy={old} opacity={old ? 0.55 : 1} transition="opacity 160ms ease-out">
      {ways[0]?.clears && ways.every((way) => way.id.includes("+") || !way.clears) && (
        <Box color="ink2">One change is not enough. Two together are:</Box>
      )}
      {ways.map((way, index) => (
        <WayOutRow
          key={way.id}
          way={way}
          reading={reading}
          first={first && index === 0}
          disabled={old}
          apply={() => apply(way, design)}
        />
      ))}
    </Box>
  );
});
