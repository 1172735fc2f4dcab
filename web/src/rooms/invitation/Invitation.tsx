import { Box, chakra } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, mendAt, type Problem, problemOf, rememberToken, type Session } from "../../api/client";
import { invitationQuery, sessionQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Door } from "../../ui/Door";
import { EmailField } from "../../ui/EmailField";
import { Notice } from "../../ui/Notice";
import { savedAt } from "../../ui/numbers";
import { TextField } from "../../ui/TextField";

/** The door for whoever was sent a link. */
export default function InvitationRoom() {
  const { token = "" } = useParams();
  const session = useQuery(sessionQuery).data;
  const { data: invitation, error } = useQuery(invitationQuery(token));
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<Problem | null>(null);
  useEffect(() => {
    document.title = "An invitation, Hojaldre";
  }, []);
  const join = async (call: () => Promise<Session>) => {
    setProblem(null);
    try {
      const joined = rememberToken(await call());
      client.clear();
      client.setQueryData(sessionQuery.queryKey, joined);
      const before = session?.kitchens.map((one) => one.id) ?? [];
      const there = joined.kitchens.find((one) => !before.includes(one.id)) ?? joined.kitchens[0];
      navigate(there ? `/k/${there.id}/pies` : "/", { replace: true });
    } catch (thrown) {
      setProblem(problemOf(thrown));
    }
  };
  const path = { token };
  return (
    <Door title={invitation && `${invitation.invitedBy} invites you to ${invitation.kitchen} as a ${invitation.role}.`}>
      {error && (
        <Box paddingTop="20px">
          <Notice title="This link opens nothing.">{error.message}</Notice>
        </Box>
      )}
      {invitation && (
        <>
          <Box color="ink2" marginBlock="6px 18px">
            The link works once, until {savedAt(invitation.runsOutAt)}.
          </Box>
          {problem?.refusals.every((one) => one.at === "") && (
            <Notice title="That did not work.">{problem.mend}</Notice>
          )}
          {session?.user ? (
            <Button
              look="filled"
              minHeight="46px"
              width="100%"
              onClick={() => void join(() => answer(api.PUT("/invitations/{token}", { params: { path } })))}
            >
              Come in as {session.user.name}
            </Button>
          ) : (
            session && (
              <Newcomer
                problem={problem}
                join={(body) => join(() => answer(api.POST("/invitations/{token}", { params: { path }, body })))}
                token={token}
              />
            )
          )}
        </>
      )}
    </Door>
  );
}

type NewcomerProps = {
  problem: Problem | null;
  join: (who: { name: string; email: string; password: string }) => Promise<void>;
  token: string;
};

function Newcomer({ problem, join, token }: NewcomerProps) {
  const [name, setName] = useState("");
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const [busy, setBusy] = useState(false);
  const enter = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    void join({ name: name.trim(), email: email.trim(), password }).finally(() => setBusy(false));
  };
  return (
    <chakra.form onSubmit={enter} noValidate>
      <TextField name="Your name" value={name} change={setName} mend={mendAt(problem, "/name")} autoComplete="name" />
      <EmailField value={email} change={setEmail} mend={mendAt(problem, "/email")} />
      <TextField
        name="A password, ten letters or more"
        type="password"
        value={password}
        change={setPassword}
        mend={mendAt(problem, "/password")}
        autoComplete="new-password"
      />
      <Button look="filled" type="submit" minHeight="46px" width="100%" marginTop="6px" disabled={busy}>
        {busy ? "Coming in" : "Come in"}
      </Button>
      <Box paddingTop="12px">
        You have signed in here before?{" "}
        <Link to={`/sign-in?next=${encodeURIComponent(`/invite/${token}`)}`}>Sign in</Link> first.
      </Box>
    </chakra.form>
  );
}
