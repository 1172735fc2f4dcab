import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Member } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { Notice } from "../../ui/Notice";
import { Part } from "../../ui/Part";
import { ROLES, SHARED_ROLES } from "./roles";
import type { PeopleActs } from "./usePeople";

type Props = { kitchen: string; members: Member[]; owns: boolean; acts: PeopleActs };
type Asked = { words: string; yes: string; act: () => Promise<boolean> } | null;

/** Those who cook here; what cannot be taken back is asked once more. */
export function Members({ kitchen, members, owns, acts }: Props) {
  const navigate = useNavigate();
  const [asked, setAsked] = useState<Asked>(null);
  const leave = async () => {
    const left = await acts.leave();
    if (left) navigate("/");
    return left;
  };
  return (
    <Part name="Members">
      {asked && (
        <Box paddingTop="10px">
          <Notice
            title={asked.words}
            acts={
              <>
                <Button look="filled" onClick={() => void asked.act().finally(() => setAsked(null))}>
                  {asked.yes}
                </Button>
                <Button onClick={() => setAsked(null)}>Keep it as it is</Button>
              </>
            }
          />
        </Box>
      )}
      {owns && <Box color="ink2">A cook saves. A guest looks and tries out.</Box>}
      <Box as="ul">
        {members.map((one) => (
          <MemberRow key={one.id} one={one} kitchen={kitchen} owns={owns} acts={acts} ask={setAsked} leave={leave} />
        ))}
      </Box>
    </Part>
  );
}

type RowProps = Pick<Props, "kitchen" | "owns" | "acts"> & {
  one: Member;
  ask: (what: Asked) => void;
  leave: () => Promise<boolean>;
};

function MemberRow({ one, kitchen, owns, acts, ask, leave }: RowProps) {
  const others = owns && !one.you && one.role !== "owner";
  return (
    <Flex as="li" wrap="wrap" gap="2px 14px" align="center" borderBottom="1px solid {colors.hair}" paddingBlock="6px">
      <Box flex="1 1 200px" minWidth="0">
        <Box fontWeight="650">
          {one.name}
          {one.you ? ", you" : ""}
        </Box>
        <Box color="ink2" overflowWrap="anywhere">
          {one.email}
        </Box>
      </Box>
      {others ? (
        <Choice
          label={`What ${one.name} may do`}
          value={one.role}
          options={SHARED_ROLES}
          choose={(role) => void acts.give(one.id, role)}
        />
      ) : (
        <Box>{ROLES[one.role]}</Box>
      )}
      {others && (
        <Button
          look="plain"
          minHeight="34px"
          aria-label={`Hand the kitchen over to ${one.name}`}
          onClick={() =>
            ask({
              words: `Hand ${kitchen} over to ${one.name}? You stay as a cook; only ${one.name} can hand it back.`,
              yes: "Hand it over",
              act: () => acts.handOver(one.id),
            })
          }
        >
          Hand over
        </Button>
      )}
      {others && (
        <Button
          look="plain"
          minHeight="34px"
          aria-label={`Remove ${one.name}`}
          onClick={() =>
            ask({
              words: `Remove ${one.name}? What they saved stays here. To come back they need a new invitation.`,
              yes: "Remove",
              act: () => acts.remove(one.id),
            })
          }
        >
          Remove
        </Button>
      )}
      {one.you && (
        <Button
          look="plain"
          minHeight="34px"
          onClick={() =>
            ask({
              words: `Leave ${kitchen}? To come back you need an invitation.`,
              yes: "Leave",
              act: leave,
            })
          }
        >
          Leave
        </Button>
      )}
    </Flex>
  );
}
