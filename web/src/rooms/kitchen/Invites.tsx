import { Box, chakra, Flex } from "@chakra-ui/react";
import { type FormEvent, useState } from "react";
import type { Invite, Role } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Choice";
import { savedAt } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import { TextField } from "../../ui/TextField";
import { SHARED_ROLES } from "./roles";
import type { PeopleActs } from "./usePeople";

/** Links that let one person in, once, within seven days. */
export function Invites({ invites, acts }: { invites: Invite[]; acts: PeopleActs }) {
  const [forWhom, setForWhom] = useState("");
  const [role, setRole] = useState<Role>("cook");
  const send = async (event: FormEvent) => {
    event.preventDefault();
    if (await acts.invite(forWhom.trim(), role)) setForWhom("");
  };
  return (
    <Part name="Invitations">
      <Box as="ul">
        {invites.map((one) => (
          <Flex
            as="li"
            key={one.id}
            wrap="wrap"
            gap="2px 14px"
            align="center"
            borderBottom="1px solid {colors.hair}"
            paddingBlock="6px"
          >
            <Box flex="1 1 200px">
              <Box fontWeight="650">{one.forWhom}</Box>
              <Box color="ink2">
                as a {one.role}, until {savedAt(one.runsOutAt)}
              </Box>
            </Box>
            <Button
              look="plain"
              minHeight="34px"
              aria-label={`Withdraw the invitation for ${one.forWhom}`}
              onClick={() => void acts.withdraw(one.id)}
            >
              Withdraw
            </Button>
          </Flex>
        ))}
      </Box>
      {acts.link && <Link link={acts.link} />}
      <chakra.form onSubmit={send} noValidate paddingTop="12px" maxWidth="420px">
        <TextField
          name="Whom do you invite?"
          value={forWhom}
          change={setForWhom}
          autoComplete="off"
          placeholder="Dov, Saturdays"
        />
        <Flex gap="14px" align="center" wrap="wrap">
          <Choice label="They come in as" value={role} options={SHARED_ROLES} choose={setRole} />
          <Button type="submit" disabled={forWhom.trim() === ""}>
            Make a link
          </Button>
        </Flex>
      </chakra.form>
    </Part>
  );
}

function Link({ link }: { link: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <Box role="status" borderTop="3px solid {colors.rim}" paddingBlock="8px" marginTop="10px">
      <Box fontWeight="650">Give this link to them. It is shown once and works once, for seven days.</Box>
      <Flex gap="10px" align="center" wrap="wrap">
        <chakra.input
          readOnly
          aria-label="The link"
          value={link}
          onFocus={(event) => event.target.select()}
          flex="1 1 240px"
          minHeight="40px"
          border="0"
          background="well"
          paddingInline="8px"
        />
        {navigator.clipboard && (
          <Button onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(true))}>
            {copied ? "Copied" : "Copy"}
          </Button>
        )}
      </Flex>
    </Box>
  );
}
