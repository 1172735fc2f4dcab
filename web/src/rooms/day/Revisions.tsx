import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, answer, api, type Day } from "../../api/client";
import { dayRevisionsQuery } from "../../api/dayQueries";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";
import { savedAt } from "../../ui/numbers";

type Props = { kitchen: string; day: string; revision: number; bring: (day: Day) => void };

/** The day as it was saved before; one is brought back as a change that can be undone. */
export function Revisions({ kitchen, day, revision, bring }: Props) {
  const { data } = useQuery(dayRevisionsQuery(kitchen, day, revision));
  const [trouble, setTrouble] = useState("");
  const take = async (number: number) => {
    setTrouble("");
    try {
      const path = { kitchen, day, number };
      bring((await answer(api.GET("/kitchens/{kitchen}/days/{day}/revisions/{number}", { params: { path } }))).day);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setTrouble(thrown.message);
    }
  };
  const items = (data ?? []).map((one) => ({
    label: `Revision ${one.number}, ${savedAt(one.savedAt)}, ${one.savedBy}`,
    act: () => void take(one.number),
  }));
  return (
    <>
      <Menu
        label="As it was before"
        items={items}
        trigger={
          <Button look="plain" disabled={items.length < 2}>
            As it was
          </Button>
        }
      />
      {trouble && <Box role="status">{trouble}</Box>}
    </>
  );
}
