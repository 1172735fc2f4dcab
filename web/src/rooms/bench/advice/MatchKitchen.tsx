import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { told as toldOf } from "../../../advice/effects";
import { ApiProblem, type PieDesign, type Told } from "../../../api/client";
import { matchOf } from "../../../api/queries";
import { setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/Choice";
import { useBenchContext } from "../BenchContext";

type Match = NonNullable<Awaited<ReturnType<typeof matchOf>>>;
type Answered = { of: PieDesign; match: Match | null } | { mend: string } | "asked" | null;

const UNTOLD: Told = { set: null, base: null, top: null, underside: null };

const SET: [NonNullable<Told["set"]> | "", string][] = [
  ["", "not said"],
  ["runny", "runny"],
  ["tender", "just right"],
  ["firm", "firm"],
  ["tough", "tough"],
];
const BASE: [NonNullable<Told["base"]> | "", string][] = [
  ["", "not said"],
  ["crisp", "crisp"],
  ["dry", "dry"],
  ["soft", "soft"],
  ["soggy", "soggy"],
];
const BROWN: [NonNullable<Told["top"]> | "", string][] = [
  ["", "not said"],
  ["pale", "pale"],
  ["straw", "straw"],
  ["light-gold", "light gold"],
  ["golden", "golden"],
  ["dark", "dark"],
  ["burnt", "burnt"],
];

/** What came out, told in words; the oven that explains it best; and the forecast with that oven, once it is accepted. */
export function MatchKitchen({ design }: { design: PieDesign }) {
  const { kitchen, change } = useBenchContext();
  const [open, setOpen] = useState(false);
  const [told, setTold] = useState<Told>(UNTOLD);
  const [answered, setAnswered] = useState<Answered>(null);
  const { matched } = design.bake;
  const say = (part: Partial<Told>) => {
    setTold({ ...told, ...part });
    setAnswered(null);
  };
  const ask = async () => {
    setAnswered("asked");
    try {
      setAnswered({ of: design, match: await matchOf(kitchen, design, told) });
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setAnswered({ mend: thrown.message });
    }
  };
  return (
    <Box
      as="section"
      aria-label="Match my oven"
      marginTop="16px"
      borderTop="1.4px solid {colors.hair}"
      paddingTop="8px"
    >
      <Flex align="baseline" gap="2px 12px" wrap="wrap">
        <Box as="h3" fontWeight="650">
          Match my oven
        </Box>
        {!open && (
          <Button look="plain" minHeight="30px" onClick={() => setOpen(true)}>
            I baked it: say how it came out
          </Button>
        )}
        {matched && (
          <>
            <Box as="span" color="ink2">
              reckoned with your kitchen
            </Box>
            <Button look="plain" minHeight="30px" onClick={() => change((one) => setAt(one, "/bake/matched", null))}>
              Forget it
            </Button>
          </>
        )}
      </Flex>
      {open && (
        <>
          <Flex gap="4px 16px" wrap="wrap" align="baseline" marginTop="4px">
            <Say name="custard" value={told.set ?? ""} options={SET} say={(set) => say({ set: set || null })} />
            <Say name="base" value={told.base ?? ""} options={BASE} say={(base) => say({ base: base || null })} />
            <Say name="top" value={told.top ?? ""} options={BROWN} say={(top) => say({ top: top || null })} />
            <Say
              name="underside"
              value={told.underside ?? ""}
              options={BROWN}
              say={(underside) => say({ underside: underside || null })}
            />
            <Button minHeight="34px" onClick={ask} disabled={answered === "asked"}>
              Find my oven
            </Button>
          </Flex>
          <Box aria-live="polite" marginTop="4px">
            {answered === "asked" && <Box role="status">Trying ovens</Box>}
            {answered && answered !== "asked" && "mend" in answered && <Box role="status">{answered.mend}</Box>}
            {answered && answered !== "asked" && "of" in answered && (
              <Found
                match={answered.match}
                accept={() => {
                  change((one) => setAt(one, "/bake/matched", answered.match?.matched ?? null));
                  setAnswered(null);
                  setOpen(false);
                }}
              />
            )}
          </Box>
        </>
      )}
    </Box>
  );
}

type SayProps<T extends string> = {
  name: string;
  value: T | "";
  options: [T | "", string][];
  say: (to: T | "") => void;
};

function Say<T extends string>({ name, value, options, say }: SayProps<T>) {
  return (
    <Flex as="span" align="baseline" gap="6px">
      <Box as="span" color="ink2">
        {name}
      </Box>
      <Choice label={`How the ${name} came out`} value={value} options={options} choose={say} />
    </Flex>
  );
}

function Found({ match, accept }: { match: Match | null; accept: () => void }) {
  if (!match) return <Box>There is nothing in it to bake yet.</Box>;
  const moved = toldOf(match.effects, 4);
  return (
    <Box borderLeft="3px solid {colors.rim}" paddingLeft="10px">
      <Box fontWeight="650">{match.says}</Box>
      {match.matched && (
        <>
          {moved.length > 0 && <Box color="ink2">The forecast with it: {moved.join("; ")}.</Box>}
          <Button look="filled" minHeight="36px" marginTop="6px" onClick={accept}>
            Forecast with it
          </Button>
        </>
      )}
    </Box>
  );
}
