import { Box, chakra, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { answer, api, type PieDesign, type SolidLayer } from "../../../api/client";
import { shortName } from "../../../food/shortName";
import { setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { EntryField } from "../../../ui/EntryField";
import { readText } from "../../../ui/entry";
import { grams } from "../../../ui/numbers";
import { useBenchContext } from "../BenchContext";

const nowGrams = (layer: SolidLayer) => layer.steps.at(-1)?.after.grams ?? layer.bought.grams;
const sum = (layers: SolidLayer[], of: (layer: SolidLayer) => number) =>
  layers.reduce((total, one) => total + of(one), 0);
const names = (layers: SolidLayer[]) => {
  const all = layers.map((one) => shortName(one.food.name).toLowerCase());
  return [all.slice(0, -1).join(", "), all.at(-1)].filter(Boolean).join(" and ");
};

/** Foods that were cooked in one pan: one weight for all of them, each keeps its share. */
export function Pans({ layers }: { layers: PieDesign["layers"] }) {
  const [choosing, setChoosing] = useState(false);
  const solids = layers.filter((one) => one.kind === "solid");
  const pans = [...new Set(solids.map((one) => one.pan).filter(Boolean))]
    .map((pan) => ({ pan, members: solids.filter((one) => one.pan === pan) }))
    .filter(({ members }) => members.length > 1);
  return (
    <>
      {pans.map(({ pan, members }) => (
        <Pan key={pan} members={members} />
      ))}
      {solids.length > 1 && !choosing && (
        <Button look="plain" minHeight="30px" marginLeft="-6px" onClick={() => setChoosing(true)}>
          One pan, one weight
        </Button>
      )}
      {choosing && <Choosing solids={solids} close={() => setChoosing(false)} />}
    </>
  );
}

/** What words for the weight of these come to; resolves to what to write instead, or null. */
function useWeighing() {
  const { kitchen, ask } = useBenchContext();
  return (ids: string[], words: string) =>
    ask((design) =>
      answer(
        api.POST("/kitchens/{kitchen}/pans", {
          params: { path: { kitchen } },
          body: { design, layers: ids.map((id) => ({ id })), words },
        }),
      ),
    );
}

function Pan({ members }: { members: SolidLayer[] }) {
  const { change } = useBenchContext();
  const weigh = useWeighing();
  const [mend, setMend] = useState("");
  const called = names(members);
  const apart = () =>
    change((design) =>
      design.layers.reduce(
        (now, one, index) =>
          members.some((member) => member.id === one.id) ? setAt(now, `/layers/${index}/pan`, "") : now,
        design,
      ),
    );
  return (
    <Box paddingBlock="4px" data-pan={members[0]?.pan}>
      In one pan: {called},{" "}
      <EntryField
        label={`Weight now of ${called}`}
        words={grams(sum(members, nowGrams))}
        strong
        read={(words) => readText(words, 1, 80)}
        keep={(words) =>
          void weigh(
            members.map((one) => one.id),
            words,
          ).then((refused) => setMend(refused ?? ""))
        }
        mend={mend || undefined}
      />{" "}
      now, {grams(sum(members, (one) => one.bought.grams))} bought
      <Button look="plain" minHeight="28px" onClick={apart}>
        Weigh apart
      </Button>
    </Box>
  );
}

function Choosing({ solids, close }: { solids: SolidLayer[]; close: () => void }) {
  const weigh = useWeighing();
  const [chosen, setChosen] = useState<string[]>(solids.map((one) => one.id));
  const [words, setWords] = useState("");
  const [mend, setMend] = useState("");
  const put = async () => {
    const refused = await weigh(chosen, words);
    if (refused) setMend(refused);
    else close();
  };
  return (
    <Box as="section" aria-label="One pan, one weight" borderTop="1.6px solid {colors.rim}" paddingBlock="6px">
      <Box fontWeight="650">What was in the pan?</Box>
      {solids.map((one) => (
        <chakra.label key={one.id} display="flex" gap="8px" alignItems="center" minHeight="32px">
          <input
            type="checkbox"
            style={{ width: 24, height: 24 }}
            checked={chosen.includes(one.id)}
            onChange={(event) =>
              setChosen(event.target.checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id))
            }
          />
          {one.food.name}
        </chakra.label>
      ))}
      <Flex gap="6px" align="center" wrap="wrap" marginTop="4px">
        <chakra.input
          aria-label="What they weigh together now"
          value={words}
          placeholder="520 g"
          autoComplete="off"
          aria-invalid={mend ? true : undefined}
          onChange={(event) => {
            setWords(event.target.value);
            setMend("");
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter") void put();
            if (event.key === "Escape") close();
          }}
          width="12ch"
          minHeight="40px"
          border="0"
          borderBottom="1.6px solid {colors.rim}"
          background="well"
          paddingInline="8px"
          _placeholder={{ color: "ink3", fontStyle: "italic" }}
        />
        <Button disabled={words.trim() === "" || chosen.length < 2} onClick={() => void put()}>
          That is their weight
        </Button>
        <Button look="plain" onClick={close}>
          Never mind
        </Button>
      </Flex>
      {mend && (
        <Box role="status" borderTop="3px solid {colors.rim}">
          {mend}
        </Box>
      )}
    </Box>
  );
}
