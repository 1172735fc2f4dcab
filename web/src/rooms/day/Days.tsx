import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { batchesQuery } from "../../api/batchQueries";
import { answer, api, type DaySummary } from "../../api/client";
import { daysQuery } from "../../api/dayQueries";
import { useMayWrite } from "../../api/useMayWrite";
import { useWrite } from "../../api/useWrite";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { DateEntry } from "../../ui/DateEntry";
import { Notice } from "../../ui/Notice";
import { day as dateSaid, savedAt, today } from "../../ui/numbers";
import { Said } from "../../ui/Said";

const NOON = 720;

/** Puts down a day from a batch, or an empty one, and goes there. */
function useDayActs(kitchen: string) {
  const navigate = useNavigate();
  const { said, trouble, write } = useWrite(kitchen);
  const begin = async (batch: string | null, date: string) => {
    const path = { kitchen };
    const made = (async () => {
      const begun = await answer(
        api.POST("/kitchens/{kitchen}/day-beginning", {
          params: { path },
          body: { batch, pie: null, count: 1, atMinute: NOON, date },
        }),
      );
      const day = batch === null ? { ...begun.day, name: "New day" } : begun.day;
      return answer(
        api.POST("/kitchens/{kitchen}/days", { params: { path }, body: { basedOn: 0, batch, day, told: [] } }),
      );
    })();
    if (await write("days", made, null)) void navigate(`/k/${kitchen}/days/${(await made).id}`);
  };
  const away = (one: DaySummary, isAway: boolean): Promise<boolean> =>
    write(
      "days",
      answer(
        api.POST("/kitchens/{kitchen}/days/{day}/away", {
          params: { path: { kitchen, day: one.id } },
          body: { away: isAway },
        }),
      ),
      isAway ? { words: `${one.name} is put away.`, undo: () => void away(one, false) } : null,
    );
  return { said, trouble, begin, away };
}

/** The days of the kitchen. */
export default function Days() {
  const { kitchen = "" } = useParams();
  const { data, error, refetch } = useQuery(daysQuery(kitchen));
  const batches = useQuery(batchesQuery(kitchen));
  const mayWrite = useMayWrite(kitchen);
  const acts = useDayActs(kitchen);
  const [batch, setBatch] = useState("");
  const [date, setDate] = useState(today);
  useEffect(() => {
    document.title = "Oven days, Hojaldre";
  }, []);
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <Flex gap="10px 20px" align="center" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          Oven days
        </Box>
        <Said said={acts.said} />
        {mayWrite && (
          <Flex marginLeft={{ base: "0", sm: "auto" }} gap="8px 16px" align="center" wrap="wrap">
            <Choice
              label="What is baked"
              value={batch}
              options={[
                ["", "an empty day"],
                ...(batches.data ?? []).map((one): [string, string] => [one.id, `the batch ${one.name}`]),
              ]}
              choose={setBatch}
            />
            <DateEntry label="Date of the day" value={date} choose={setDate} />
            <Button look="filled" disabled={date === ""} onClick={() => void acts.begin(batch || null, date)}>
              New day
            </Button>
          </Flex>
        )}
      </Flex>
      {acts.trouble && <Notice title="That was not done. Nothing was changed.">{acts.trouble.mend}</Notice>}
      {error && (
        <Notice title="Your days did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {!error && !data && <Box role="status">Opening your days</Box>}
      {data?.length === 0 && (
        <Box maxWidth="60ch">
          An oven day says when to begin and what comes when, so that everything is ready at its time: for each pair of
          hands, each oven and the fridge. Choose a batch and a date, or press "Ready at" beside a pie on the bench.
        </Box>
      )}
      <Box as="ul">
        {data?.map((one) => (
          <Flex
            as="li"
            key={one.id}
            gap="4px 24px"
            align="center"
            wrap="wrap"
            borderTop="1.4px solid {colors.hair}"
            paddingBlock="10px"
          >
            <Box flex="1 1 260px">
              <Box fontSize="name" fontWeight="650">
                <Link to={`/k/${kitchen}/days/${one.id}`}>{one.name}</Link>
              </Box>
              <Box color="ink2">
                {dateSaid(one.date)}; changed by {one.savedBy}, {savedAt(one.savedAt)}
              </Box>
            </Box>
            {mayWrite && (
              <Button look="plain" onClick={() => void acts.away(one, true)} aria-label={`Put ${one.name} away`}>
                Put away
              </Button>
            )}
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
