import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, answer, api, type Day, type Order } from "../../api/client";
import { piesQuery } from "../../api/queries";
import { numbered } from "../../draw/dayLanes";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { EntryField } from "../../ui/EntryField";
import { type ReadResult, readWhole } from "../../ui/entry";
import { Part } from "../../ui/Part";
import { readClock, sayClock } from "./clock";

type Change = (by: (day: Day) => Day) => void;
type Props = { kitchen: string; day: Day; names: Map<string, string>; change: Change };

const FROM: [Order["from"], string][] = [
  ["scratch", "from scratch"],
  ["frozen", "from the freezer, unbaked"],
  ["baked", "baked before, warmed"],
];
const ENDING: [Order["ending"], string][] = [
  ["warm", "warm"],
  ["cold", "cold, for a clean cut"],
  ["chilled", "into the fridge"],
  ["frozen", "into the freezer, unbaked"],
];
const NOON = 720;

const readTins = (words: string): ReadResult<number | null> =>
  ["enough", ""].includes(words.trim()) ? { ok: true, value: null } : readWhole(words, 1, 60);

const orderChanged = (day: Day, id: string, by: (order: Order) => Order): Day => ({
  ...day,
  orders: day.orders.map((order) => (order.id === id ? by(order) : order)),
});

/** Each gets an id that no other has. */
function withOrders(day: Day, more: Order[]): Day {
  const orders = [...day.orders];
  for (const order of more) orders.push({ ...order, id: freeId(orders) });
  return { ...day, orders };
}

/** An id that no order of the day has. */
function freeId(orders: readonly Pick<Order, "id">[]): string {
  let at = orders.length + 1;
  while (orders.some((one) => one.id === `o${at}`)) at++;
  return `o${at}`;
}

/** What is wanted, how many, and when; typed line by line or pasted as a table. */
export function Orders({ kitchen, day, names, change }: Props) {
  const pies = useQuery(piesQuery(kitchen, false));
  const [pasting, setPasting] = useState(false);
  const numberOf = new Map(numbered(day).map((one) => [one.id, one.number]));
  const isFolded = (order: Order) => typeof pies.data?.find((one) => one.id === order.pie)?.pieces === "number";
  const sorted = [...day.orders].sort((a, b) => (numberOf.get(a.id) ?? 0) - (numberOf.get(b.id) ?? 0));
  const others = pies.data ?? [];
  const add = (pie: string) =>
    change((now) => ({
      ...now,
      orders: [
        ...now.orders,
        {
          id: freeId(now.orders),
          pie,
          count: pies.data?.find((one) => one.id === pie)?.pieces ?? 1,
          atMinute: now.orders.at(-1)?.atMinute ?? NOON,
          from: "scratch",
          ending: "warm",
          tins: null,
        },
      ],
    }));
  return (
    <Part
      name="What is wanted when"
      add={
        <Button look="plain" aria-expanded={pasting} onClick={() => setPasting(!pasting)}>
          Paste a table
        </Button>
      }
    >
      {pasting && <Paste kitchen={kitchen} change={change} close={() => setPasting(false)} />}
      {day.orders.length === 0 && <Box paddingTop="8px">Nothing yet. Put the first pie on the day.</Box>}
      <Box as="ol">
        {sorted.map((order) => (
          <Line
            key={order.id}
            order={order}
            number={numberOf.get(order.id) ?? 0}
            name={names.get(order.id) ?? others.find((one) => one.id === order.pie)?.name ?? "A pie"}
            isFolded={isFolded(order)}
            change={change}
          />
        ))}
      </Box>
      <Flex gap="8px" align="center" paddingTop="10px" wrap="wrap">
        <Choice
          label="Put a pie on the day"
          value=""
          options={[["", "Put a pie on the day"], ...others.map((pie): [string, string] => [pie.id, pie.name])]}
          choose={(pie) => pie && add(pie)}
        />
      </Flex>
    </Part>
  );
}

function Line({
  order,
  number,
  name,
  isFolded,
  change,
}: {
  order: Order;
  number: number;
  name: string;
  isFolded: boolean;
  change: Change;
}) {
  const to = (by: (order: Order) => Order) => change((now) => orderChanged(now, order.id, by));
  const many = order.count === 1 ? (isFolded ? "piece" : "tin") : isFolded ? "pieces" : "tins";
  return (
    <Flex
      as="li"
      gap="2px 14px"
      align="center"
      wrap="wrap"
      borderBottom="1.4px solid {colors.hair}"
      paddingBlock="5px"
      data-order={order.id}
    >
      <Box width="22px" fontWeight="700" color="rim">
        {number}
      </Box>
      <Box flex="1 1 190px" fontWeight="650">
        {name}
      </Box>
      <Box whiteSpace="nowrap">
        <EntryField
          label={`How many of ${name}`}
          words={String(order.count)}
          strong
          align="right"
          read={(words) => readWhole(words, 1, 500)}
          keep={(count) => to((one) => ({ ...one, count }))}
        />{" "}
        {many}
      </Box>
      <Box whiteSpace="nowrap">
        at{" "}
        <EntryField
          label={`When ${name} is wanted`}
          words={sayClock(order.atMinute)}
          strong
          read={(words) => readClock(words)}
          keep={(atMinute) => to((one) => ({ ...one, atMinute }))}
        />
      </Box>
      <Choice
        label={`What there is of ${name}`}
        value={order.from}
        options={FROM}
        choose={(from) => to((one) => ({ ...one, from }))}
      />
      <Choice
        label={`How ${name} ends`}
        value={order.ending}
        options={ENDING}
        choose={(ending) => to((one) => ({ ...one, ending }))}
      />
      {!isFolded && (
        <Box whiteSpace="nowrap" color="ink2">
          <EntryField
            label={`Tins there are for ${name}`}
            words={order.tins === null ? "enough" : String(order.tins)}
            read={readTins}
            keep={(tins) => to((one) => ({ ...one, tins }))}
          />{" "}
          tins there
        </Box>
      )}
      <Button
        look="plain"
        minHeight="44px"
        aria-label={`Take ${name} off the day`}
        onClick={() => change((now) => ({ ...now, orders: now.orders.filter((one) => one.id !== order.id) }))}
      >
        Take off
      </Button>
    </Flex>
  );
}

/** Lines of a table; what is not understood stays to be mended. */
function Paste({ kitchen, change, close }: { kitchen: string; change: Change; close: () => void }) {
  const [table, setTable] = useState("");
  const [refused, setRefused] = useState<string[]>([]);
  const read = async () => {
    try {
      const got = await answer(
        api.POST("/kitchens/{kitchen}/day-orders", { params: { path: { kitchen } }, body: { table } }),
      );
      if (got.orders.length > 0) {
        change((now) => withOrders(now, got.orders));
      }
      setRefused(got.refused);
      if (got.refused.length === 0) close();
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setRefused([thrown.message]);
    }
  };
  return (
    <Box paddingBlock="8px">
      <chakra.textarea
        aria-label="Orders as a table"
        value={table}
        onChange={(event) => setTable(event.target.value)}
        placeholder={"pie, count, time\nChicken pasties, 12, 9:30\nTrout quiche, 2, 11:15, frozen"}
        rows={5}
        width="100%"
        maxWidth="520px"
        padding="8px"
        background="well"
        border="1.5px solid {colors.rim}"
        borderRadius="3px"
        _placeholder={{ color: "ink3", fontStyle: "italic" }}
      />
      {refused.map((one) => (
        <Box
          key={one}
          role="alert"
          borderTop="3px solid {colors.rim}"
          maxWidth="520px"
          paddingTop="2px"
          marginTop="4px"
        >
          {one}
        </Box>
      ))}
      <Flex gap="8px" paddingTop="6px">
        <Button look="filled" disabled={table.trim() === ""} onClick={() => void read()}>
          Read it
        </Button>
        <Button look="plain" onClick={close}>
          Leave it
        </Button>
      </Flex>
    </Box>
  );
}
