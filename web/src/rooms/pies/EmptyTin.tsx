import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { ovensQuery, peopleQuery, sessionQuery, tinsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ink } from "../../ui/theme";

/** As ./hojaldre start names the first owner and the kitchen. */
const FIRST_NAMES = ["Owner", "My kitchen"];

/** No pies yet: the tin with dashed layers, one sentence, one act; an owner sees what a new kitchen wants. */
export function EmptyTin({ kitchen, mayWrite, begin }: { kitchen: string; mayWrite: boolean; begin: () => void }) {
  const owns = useQuery(sessionQuery).data?.kitchens.find((one) => one.id === kitchen)?.role === "owner";
  return (
    <Box paddingTop="24px">
      <svg width="320" height="110" aria-hidden="true">
        <title>An empty tin</title>
        <path d="M8,10 V96 H300 V10" fill="none" stroke={ink("rim")} strokeWidth="3" />
        <path d="M14,34 H294 M14,54 H294 M14,74 H294" stroke={ink("ink3")} strokeWidth="1.2" strokeDasharray="6 5" />
      </svg>
      <Box marginBlock="8px 14px">No pie yet. Pick a kind or paste a recipe; the rest is poured on the bench.</Box>
      {mayWrite && (
        <Button look="filled" onClick={begin}>
          New pie
        </Button>
      )}
      {owns && <FirstDay kitchen={kitchen} />}
    </Box>
  );
}

function FirstDay({ kitchen }: { kitchen: string }) {
  const session = useQuery(sessionQuery).data;
  const tins = useQuery(tinsQuery(kitchen)).data;
  const ovens = useQuery(ovensQuery(kitchen)).data;
  const people = useQuery(peopleQuery(kitchen)).data;
  const here = session?.kitchens.find((one) => one.id === kitchen);
  const named = !FIRST_NAMES.includes(session?.user?.name ?? "");
  return (
    <Box as="section" aria-label="A new kitchen" marginTop="34px" maxWidth="620px">
      <Box as="h2" fontWeight="650" borderBottom="1.6px solid {colors.rim}">
        A new kitchen, in any order
      </Box>
      <Box as="ol">
        <Step done={named} to={`/k/${kitchen}/you`} act="Say who you are">
          your name, a password of your own, cups, oven and eggs
        </Step>
        <Step done={!FIRST_NAMES.includes(here?.name ?? "")} to={`/k/${kitchen}/kitchen`} act="Name the kitchen">
          press its name and write
        </Step>
        <Step done={(tins?.length ?? 0) > 0} to={`/k/${kitchen}/stores`} act="Measure your tins">
          across and deep, inside, once
        </Step>
        <Step done={(ovens?.length ?? 0) > 0} to={`/k/${kitchen}/stores`} act="Write down your oven">
          fan or static, and by how much it lies
        </Step>
        <Step
          done={(people?.members.length ?? 0) + (people?.invites.length ?? 0) > 1}
          to={`/k/${kitchen}/kitchen`}
          act="Invite who cooks with you"
        >
          a link for each, good for seven days
        </Step>
      </Box>
    </Box>
  );
}

function Step({ done, to, act, children }: { done: boolean; to: string; act: string; children: ReactNode }) {
  return (
    <Box as="li" paddingBlock="8px" borderBottom="1px solid {colors.hair}" data-done={done}>
      <Link to={to} style={{ color: ink("rim"), fontWeight: 650 }}>
        {act}
      </Link>
      : {children}
      {done && <Box as="strong">, done</Box>}
    </Box>
  );
}
