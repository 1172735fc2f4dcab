import { Box, chakra } from "@chakra-ui/react";
import type { BakeRecord, JudgementWish } from "../../api/client";
import { TapPicture } from "../../draw/TapPicture";
import { RecessRow } from "../../ui/RecessRow";
import { TAPS, type Tap } from "./words";

type Props = {
  record: BakeRecord;
  now: JudgementWish;
  change: (to: Partial<JudgementWish>) => void;
  mayWrite: boolean;
};

/** What has no base is not asked about it, what has no custard not how a slice stands. */
export const askedOf = ({ bake: { foretold } }: BakeRecord) =>
  TAPS.filter(
    (tap) =>
      (tap.key !== "underside" || foretold.underside !== null) &&
      (tap.key !== "slice" || foretold.setsAtCelsius !== null),
  );

/** Four questions, each a rule: drawings above, words on the rule; a tap makes the recess. What was told is shown only then. */
export function Taps({ record, now, change, mayWrite }: Props) {
  const { foretold } = record.bake;
  return (
    <>
      {askedOf(record).map((tap) => (
        <One
          key={tap.key}
          tap={tap}
          word={now[tap.key]}
          told={foretold[tap.key]}
          tapped={(word) => change({ [tap.key]: now[tap.key] === word ? null : word } as Partial<JudgementWish>)}
          mayWrite={mayWrite}
        />
      ))}
    </>
  );
}

type OneProps = {
  tap: Tap;
  word: string | null;
  told: string | null;
  tapped: (word: string) => void;
  mayWrite: boolean;
};

function One({ tap, word, told, tapped, mayWrite }: OneProps) {
  return (
    <Box as="section" aria-label={tap.name} paddingTop="12px">
      <Box display="flex" justifyContent="space-between">
        <Box fontSize="name" fontWeight="680">
          {tap.name}
        </Box>
        <Box color="ink2">{word && told ? `told ${told}` : ""}</Box>
      </Box>
      <RecessRow seat={word ?? ""} depth={9}>
        <Box
          display="grid"
          gridTemplateColumns={`repeat(${tap.words.length}, minmax(85px, 1fr))`}
          role="radiogroup"
          aria-label={tap.name}
        >
          {tap.words.map((one, at) => (
            <chakra.button
              key={one}
              role="radio"
              aria-checked={word === one}
              data-seated={word === one}
              disabled={!mayWrite}
              onClick={() => tapped(one)}
              minHeight="90px"
              minWidth="85px"
              background="none"
              border="0"
              cursor="pointer"
              fontWeight={word === one ? "680" : "430"}
              color={word === one ? "ink" : "ink2"}
            >
              <Box display="flex" justifyContent="center">
                <TapPicture tap={tap.key} at={at} />
              </Box>
              {one}
            </chakra.button>
          ))}
        </Box>
      </RecessRow>
    </Box>
  );
}
