import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useParams } from "react-router";
import { peopleQuery, sessionQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { Acts } from "./Acts";
import { Archive } from "./Archive";
import { Invites } from "./Invites";
import { Members } from "./Members";
import { usePeople } from "./usePeople";

/** Who cooks here, who may come, and what was done by whom. */
export default function KitchenRoom() {
  const { kitchen = "" } = useParams();
  const here = useQuery(sessionQuery).data?.kitchens.find((one) => one.id === kitchen);
  const { data: people, error, refetch } = useQuery(peopleQuery(kitchen));
  const acts = usePeople(kitchen);
  useEffect(() => {
    document.title = "Kitchen, Hojaldre";
  }, []);
  if (!here) return null;
  const owns = here.role === "owner";
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680" paddingBlock="16px 14px">
        {owns ? (
          <EntryField
            label="Name of the kitchen"
            words={here.name}
            size="page"
            read={(words) => readText(words, 1, 120)}
            keep={(name) => void acts.name(name)}
          />
        ) : (
          here.name
        )}
      </Box>
      {acts.problem && <Notice title="Nothing was changed.">{acts.problem.mend}</Notice>}
      {error && (
        <Notice title="The people did not come." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1fr)" }}
        gap="28px 48px"
      >
        <Box>
          {people && <Members kitchen={here.name} members={people.members} owns={owns} acts={acts} />}
          {people && owns && <Invites invites={people.invites} acts={acts} />}
          {owns && <Archive kitchen={kitchen} name={here.name} />}
        </Box>
        <Acts kitchen={kitchen} />
      </Box>
    </Box>
  );
}
