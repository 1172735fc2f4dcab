import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { bookQuery } from "../../api/bookQueries";
import { answer, api, type TrialWish } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { RemoveButton } from "../../ui/RemoveButton";
import { dayOf } from "./words";

type Props = { kitchen: string; send: (call: Promise<unknown>) => Promise<boolean>; close: () => void };

const LETTERS = "ABCD";

/** What is asked, and what the pies are called; a pie that is in the book brings its design. */
export function NewTrial({ kitchen, send, close }: Props) {
  const [name, setName] = useState("");
  const [pies, setPies] = useState<TrialWish["pies"]>([
    { name: "", bake: null },
    { name: "", bake: null },
  ]);
  const { data } = useQuery(bookQuery(kitchen, "", "all", 0));
  const change = (at: number, to: Partial<TrialWish["pies"][number]>) =>
    setPies((now) => now.map((pie, index) => (index === at ? { ...pie, ...to } : pie)));
  const isReady = name !== "" && pies.every((pie) => pie.name !== "");
  const begin = async () => {
    const call = answer(
      api.POST("/kitchens/{kitchen}/trials", { params: { path: { kitchen } }, body: { name, pies } }),
    );
    if (await send(call)) close();
  };
  return (
    <Box
      as="section"
      aria-label="A new trial"
      borderTop="2px solid {colors.rim}"
      borderBottom="2px solid {colors.rim}"
      paddingBlock="12px"
      marginBottom="20px"
    >
      <Box fontSize="name" fontWeight="650">
        <EntryField
          label="What is asked"
          words={name}
          size="room"
          placeholder="Which dough for the pasties?"
          read={(words) => readText(words, 1, 120)}
          keep={setName}
        />
      </Box>
      {pies.map((pie, at) => (
        <Flex
          key={LETTERS[at]}
          align="center"
          gap="6px 16px"
          wrap="wrap"
          minHeight="48px"
          borderBottom="1px solid {colors.hair}"
        >
          <Box width="20px" fontWeight="680">
            {LETTERS[at]}
          </Box>
          <EntryField
            label={`What is tried in ${LETTERS[at]}`}
            words={pie.name}
            placeholder={["lard and butter", "all butter", "hot water", "puff"][at]}
            read={(words) => readText(words, 1, 60)}
            keep={(to) => change(at, { name: to })}
          />
          <Choice
            label={`Bake of ${LETTERS[at]}`}
            value={pie.bake ?? ""}
            options={[
              ["", "not in the book"],
              ...(data?.bakes ?? []).map((bake): [string, string] => [
                bake.id,
                `${bake.name}${bake.outAt === null ? "" : `, ${dayOf(bake.outAt)}`}`,
              ]),
            ]}
            choose={(bake) => change(at, { bake: bake || null })}
          />
          {pies.length > 2 && (
            <RemoveButton
              label={`${LETTERS[at]}: leave it out`}
              remove={() => setPies((now) => now.filter((_, index) => index !== at))}
            />
          )}
        </Flex>
      ))}
      <Flex gap="8px" paddingTop="12px" wrap="wrap">
        <Button look="filled" disabled={!isReady} onClick={() => void begin()}>
          Begin
        </Button>
        {pies.length < 4 && (
          <Button onClick={() => setPies((now) => [...now, { name: "", bake: null }])}>One more pie</Button>
        )}
        <Button look="plain" onClick={close}>
          Leave it
        </Button>
      </Flex>
      {!isReady && <Box color="ink2">Write what is asked, and what is tried in each pie.</Box>}
    </Box>
  );
}
