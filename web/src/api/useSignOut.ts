import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, rememberToken } from "./client";
import { forgetAnswers } from "./keptAnswer";

/** Signs out and goes to the door; nothing of the kitchen stays in memory. */
export function useSignOut() {
  const navigate = useNavigate();
  const client = useQueryClient();
  return async () => {
    rememberToken(await answer(api.DELETE("/session")));
    client.clear();
    forgetAnswers();
    navigate("/sign-in");
  };
}
