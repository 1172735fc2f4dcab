import { Box, chakra, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";

type Props = {
  letters: string[];
  keep: (taster: string, bestFirst: string) => Promise<void>;
  close: () => void;
};

const PLACES = ["best", "second", "third", "fourth"];

/** A taster taps the pies in order, best first; another tap on the last one takes it back. No names of pies stand here. */
export function Taste({ letters, keep, close }: Props) {
  const [taster, setTaster] = useState("");
  const [order, setOrder] = useState<string[]>([]);
  const tap = (letter: string) =>
    setOrder((now) => (now.includes(letter) ? now.slice(0, now.indexOf(letter)) : [...now, letter]));
  // with one left there is nothing to choose
  const whole =
    order.length === letters.length - 1 ? [...order, ...letters.filter((one) => !order.includes(one))] : order;
  const isWhole = whole.length === letters.length;
  return (
    <Box paddingTop="8px">
      <EntryField
        label="Who tastes"
        words={taster}
        placeholder="your name"
        read={(words) => readText(words, 1, 80)}
        keep={setTaster}
      />
      <Box paddingTop="8px">Tap the best first, then the next.</Box>
      <Flex gap="10px" wrap="wrap" paddingBlock="8px" role="group" aria-label="Pies, best first">
        {letters.map((letter) => {
          const place = whole.indexOf(letter);
          return (
            <chakra.button
              key={letter}
              type="button"
              aria-label={`${letter}${place < 0 ? "" : `, ${PLACES[place]}`}`}
              aria-pressed={place >= 0}
              onClick={() => tap(letter)}
              width="84px"
              minHeight="84px"
              background={place >= 0 ? "well" : "transparent"}
              border="1.5px solid {colors.rim}"
              borderTopWidth={place >= 0 ? "0" : "1.5px"}
              borderRadius="5px"
              fontSize="page"
              fontWeight="680"
              cursor="pointer"
            >
              {letter}
              <Box fontSize="body" fontWeight="430">
                {place < 0 ? " " : PLACES[place]}
              </Box>
            </chakra.button>
          );
        })}
      </Flex>
      <Flex gap="8px" wrap="wrap">
        <Button
          look="filled"
          minHeight="44px"
          disabled={!isWhole || taster === ""}
          onClick={() => void keep(taster, whole.join(""))}
        >
          Keep it
        </Button>
        <Button look="plain" minHeight="44px" disabled={order.length === 0} onClick={() => setOrder([])}>
          Again
        </Button>
        <Button look="plain" minHeight="44px" onClick={close}>
          Leave it
        </Button>
      </Flex>
      {isWhole && taster === "" && <Box role="status">Write your name, then keep it.</Box>}
    </Box>
  );
}
