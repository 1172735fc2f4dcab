import { Box, Flex } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import type { FoodLabel, StoredFood } from "../api/client";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";
import { EMPTY_LABEL, FoodForm } from "./FoodForm";
import { foodFinder } from "./findFood";

const MOST_SHOWN = 6;

type Mend = { at: string; mend: string };
type Props = {
  /** what the cook called it */
  name: string;
  foods: StoredFood[];
  like: (name: string, food: string) => Promise<Mend | null>;
  fromPacket: (label: FoodLabel) => Promise<Mend | null>;
};

/** A food that nobody here knows: it is like another one, or its packet says what is in it. */
export function UnknownFood({ name, foods, like, fromPacket }: Props) {
  const [way, setWay] = useState<"like" | "packet" | null>(null);
  const [trouble, setTrouble] = useState<Mend | null>(null);
  if (way === "packet") {
    return (
      <FoodForm
        label={{ ...EMPTY_LABEL, name }}
        trouble={trouble}
        save={(label) => void fromPacket(label).then(setTrouble)}
        leave={() => setWay(null)}
      />
    );
  }
  return (
    <Box>
      <Flex gap="4px 10px" wrap="wrap" align="center">
        <Box color="ink2">{name ? `"${name}" is` : "It is"}</Box>
        <Button minHeight="34px" aria-expanded={way === "like"} onClick={() => setWay(way === "like" ? null : "like")}>
          like another food
        </Button>
        <Button minHeight="34px" onClick={() => setWay("packet")}>
          as its packet says
        </Button>
      </Flex>
      {way === "like" && (
        <LikeAnother name={name} foods={foods} take={(called, food) => like(called, food).then(setTrouble)} />
      )}
      {trouble && (
        <Box role="status" borderTop="3px solid {colors.rim}">
          {trouble.mend}
        </Box>
      )}
    </Box>
  );
}

type LikeProps = { name: string; foods: StoredFood[]; take: (name: string, food: string) => Promise<void> };

function LikeAnother({ name, foods, take }: LikeProps) {
  const [called, setCalled] = useState(name);
  const [letters, setLetters] = useState("");
  const find = useMemo(() => foodFinder(foods), [foods]);
  const offered = letters.trim().length < 2 ? [] : find(letters).slice(0, MOST_SHOWN);
  return (
    <Box paddingTop="8px" maxWidth="420px">
      <TextField name="We call it" value={called} change={setCalled} autoComplete="off" />
      <TextField name="It is like" value={letters} change={setLetters} autoComplete="off" placeholder="spinach" />
      <Flex as="ul" wrap="wrap" gap="4px 6px" aria-label="Foods it may be like">
        {offered.map((one) => (
          <li key={one.food.id}>
            <Button
              minHeight="34px"
              paddingInline="9px"
              disabled={called.trim() === ""}
              onClick={() => void take(called.trim(), one.food.id)}
            >
              {one.food.name}
            </Button>
          </li>
        ))}
      </Flex>
    </Box>
  );
}
