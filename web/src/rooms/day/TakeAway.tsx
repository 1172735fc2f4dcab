import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, type StoredDay } from "../../api/client";
import { useWrite } from "../../api/useWrite";
import { Button } from "../../ui/Button";
import { Part } from "../../ui/Part";

/** The plan on paper, as a file, and for calendars that ask for it. */
export function TakeAway({ kitchen, stored, mayWrite }: { kitchen: string; stored: StoredDay; mayWrite: boolean }) {
  const [address, setAddress] = useState<string | null>(null);
  const [open, setOpen] = useState(stored.hasCalendar);
  const { trouble, write } = useWrite(kitchen);
  const path = { kitchen, day: stored.id };
  const file = (kind: string) => `/api/kitchens/${kitchen}/days/${stored.id}/plan.${kind}`;
  const openIt = async () => {
    const made = answer(api.POST("/kitchens/{kitchen}/days/{day}/calendar", { params: { path } }));
    if (await write("days", made, null)) {
      setAddress((await made).address);
      setOpen(true);
    }
  };
  const closeIt = async () => {
    if (
      await write("days", answer(api.DELETE("/kitchens/{kitchen}/days/{day}/calendar", { params: { path } })), null)
    ) {
      setAddress(null);
      setOpen(false);
    }
  };
  return (
    <Part name="To take away">
      <Flex gap="4px 20px" wrap="wrap" paddingTop="8px">
        <Link to={`/k/${kitchen}/days/${stored.id}/paper`}>A page for each cook</Link>
        <a href={file("ics")}>Calendar file</a>
        <a href={file("csv")}>Table (CSV)</a>
      </Flex>
      {mayWrite && (
        <Box paddingTop="6px">
          {trouble && <Box role="alert">{trouble.mend}</Box>}
          {address && (
            <Box>
              Subscribe to this address. Whoever has it sees the plan; it is shown only now.
              <Box as="code" display="block" overflowWrap="anywhere" aria-label="Address for calendars">
                {address}
              </Box>
            </Box>
          )}
          <Flex gap="4px" wrap="wrap">
            <Button look="plain" minHeight="44px" paddingInline="0" marginRight="12px" onClick={() => void openIt()}>
              {open ? "A new address for calendars" : "An address for calendars"}
            </Button>
            {open && (
              <Button look="plain" minHeight="44px" onClick={() => void closeIt()}>
                Withdraw the address
              </Button>
            )}
          </Flex>
        </Box>
      )}
    </Part>
  );
}
