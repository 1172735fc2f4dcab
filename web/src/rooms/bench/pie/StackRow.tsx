import { Box, chakra, Flex } from "@chakra-ui/react";
import type { ComponentProps, KeyboardEvent, ReactNode } from "react";
import { moved, removed } from "../../../pie/pointer";
import { Menu, type MenuItem } from "../../../ui/Menu";
import { grams } from "../../../ui/numbers";
import { useBenchContext } from "../BenchContext";

/** The frame of a row: grip with its menu, name, grams, and what is edited below. */
export function StackRow({
  id,
  name,
  total,
  menu,
  move,
  children,
}: {
  id: string;
  name: ReactNode;
  total: number;
  menu?: { label: string; items: MenuItem[] };
  move?: (by: number) => void;
  children?: ReactNode;
}) {
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
    event.preventDefault();
    event.stopPropagation();
    move?.(event.key === "ArrowUp" ? 1 : -1);
  };
  return (
    <Box
      as="li"
      data-row={id}
      borderBottom="1px solid {colors.hair}"
      paddingBlock="8px"
      display="grid"
      gridTemplateColumns="22px 1fr"
    >
      {menu ? (
        <Box onKeyDownCapture={onKeyDown}>
          <Menu label={menu.label} items={menu.items} trigger={<Grip label={menu.label} />} />
        </Box>
      ) : (
        <span />
      )}
      <Box minWidth="0">
        <Flex justify="space-between" gap="10px" align="baseline">
          <Box fontWeight="650">{name}</Box>
          <Box fontWeight="650" whiteSpace="nowrap" data-row-total={id}>
            {grams(total)}
          </Box>
        </Flex>
        {children}
      </Box>
    </Box>
  );
}

function Grip({ label, ...rest }: { label: string } & ComponentProps<typeof chakra.button>) {
  return (
    <chakra.button
      type="button"
      aria-label={label}
      title="Alt and arrows move it"
      background="transparent"
      border="0"
      padding="4px 4px 6px 0"
      cursor="pointer"
      minHeight="26px"
      {...rest}
    >
      <svg width="14" height="12" aria-hidden="true">
        <title>{label}</title>
        <path d="M0,1.5 H14 M0,6 H14 M0,10.5 H14" stroke="currentColor" strokeWidth="1.6" />
      </svg>
    </chakra.button>
  );
}

/** What can be done with any layer. */
export function useLayerActs(index: number, count: number) {
  const { change } = useBenchContext();
  const move = (by: number) => change((design) => ({ ...design, layers: moved(design.layers, index, by) }));
  const items: MenuItem[] = [
    { label: "Move up", act: () => move(1), disabled: index === count - 1 },
    { label: "Move down", act: () => move(-1), disabled: index === 0 },
    { label: "Leave it out", act: () => change((design) => removed(design, "/layers", index)) },
  ];
  return { move, items };
}
