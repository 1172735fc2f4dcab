import { Box, Flex } from "@chakra-ui/react";
import { Link } from "react-router";
import type { PieSummary } from "../../api/client";
import { SmallCutaway } from "../../draw/SmallCutaway";
import { Verdicts } from "../../forecast/Verdicts";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";
import { savedAt } from "../../ui/numbers";
import type { usePieActs } from "./usePieActs";

type Props = { pie: PieSummary; to: string; open: () => void; acts: ReturnType<typeof usePieActs>; mayWrite: boolean };

/** One pie of the list: its section, its name, and the words of its readings. */
export function PieRow({ pie, to, open, acts, mayWrite }: Props) {
  const items = [
    { label: "Open on the bench", act: open },
    ...(mayWrite ? [{ label: "Duplicate", act: () => void acts.duplicate(pie) }] : []),
    { label: "Export as a pie file", act: () => acts.exportFile(pie) },
    ...(mayWrite
      ? [{ label: pie.archived ? "Bring back" : "Put away", act: () => void acts.putAway(pie, !pie.archived) }]
      : []),
  ];
  return (
    <Box
      as="li"
      borderTop="1.4px solid {colors.hair}"
      paddingBlock="14px"
      display="grid"
      gridTemplateColumns={{ base: "minmax(0,1fr) auto", sm: "190px minmax(0,1fr) auto" }}
      gap="8px 24px"
      alignItems="center"
      position="relative"
      _hover={{ background: "well" }}
      css={{
        "& a": { color: "inherit", textDecoration: "none" },
        "& a::after": { content: '""', position: "absolute", inset: "0" },
      }}
    >
      <Box gridColumn={{ base: "1 / -1", sm: "1" }}>
        <SmallCutaway section={pie.section} />
      </Box>
      <Box minWidth="0">
        <Box fontSize="name" fontWeight="680">
          <Link to={to}>{pie.name}</Link>
        </Box>
        <Box color="ink2">
          {pie.tinLabel}, {pie.portions} {pie.portions === 1 ? "portion" : "portions"}
        </Box>
        <Flex gap="2px 16px" wrap="wrap" marginTop="3px">
          {pie.verdicts ? <Verdicts verdicts={pie.verdicts} /> : <Box color="ink2">open it to read it anew</Box>}
        </Flex>
      </Box>
      <Flex direction="column" align="flex-end" position="relative" zIndex={1}>
        <Menu
          label={`${pie.name}: what to do`}
          items={items}
          trigger={
            <Button look="plain" aria-label={`${pie.name}: what to do`}>
              More
            </Button>
          }
        />
        <Box color="ink2" fontSize="scale" whiteSpace="nowrap">
          {savedAt(pie.revision.savedAt)}, {pie.revision.savedBy}
        </Box>
      </Flex>
    </Box>
  );
}
