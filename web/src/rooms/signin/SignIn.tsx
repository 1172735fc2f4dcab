import { Box, chakra } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, mendAt, type Problem, problemOf, rememberToken } from "../../api/client";
import { sessionQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Door } from "../../ui/Door";
import { EmailField } from "../../ui/EmailField";
import { Notice } from "../../ui/Notice";
import { recessPath } from "../../ui/recess";
import { TextField } from "../../ui/TextField";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";

/** The door. */
export default function SignIn() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  // the token for the form comes with the session
  useQuery(sessionQuery);
  useEffect(() => {
    document.title = "Sign in, Hojaldre";
  }, []);

  const enter = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    try {
      const session = rememberToken(await answer(api.POST("/session", { body: { email: email.trim(), password } })));
      client.clear();
      client.setQueryData(sessionQuery.queryKey, session);
      const next = search.get("next") ?? "";
      navigate(/^\/(k|invite)\//.test(next) ? next : "/", { replace: true });
    } catch (thrown) {
      setProblem(problemOf(thrown));
    } finally {
      setBusy(false);
    }
  };

  return (
    <Door title="Know what the oven will do before you light it.">
      <Recess />
      <chakra.form onSubmit={enter} paddingInline="28px" noValidate>
        {problem && problem.refusals.length === 0 && <Notice title="That did not work.">{problem.mend}</Notice>}
        <EmailField value={email} change={setEmail} mend={mendAt(problem, "/email")} />
        <TextField
          name="Password"
          type="password"
          value={password}
          change={setPassword}
          mend={mendAt(problem, "/password")}
          autoComplete="current-password"
        />
        <Button look="filled" type="submit" minHeight="46px" width="100%" marginTop="6px" disabled={busy}>
          {busy ? "Signing in" : "Sign in"}
        </Button>
      </chakra.form>
    </Door>
  );
}

function Recess() {
  const [ref, width] = useWidth<HTMLDivElement>(400);
  return (
    <Box ref={ref} marginTop="22px" marginBottom="18px">
      <svg width={width} height="16" aria-hidden="true" style={{ display: "block", overflow: "visible" }}>
        <title>Tin</title>
        <path d={recessPath(width, 2, 12, 14, width - 14)} fill="none" stroke={ink("rim")} strokeWidth="2" />
      </svg>
    </Box>
  );
}
