import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, answer, api, type People, type Problem, type Role, rememberToken } from "../../api/client";
import { peopleQuery, sessionQuery } from "../../api/queries";

/** What an owner, or whoever leaves, does with the people of a kitchen. */
export function usePeople(kitchen: string) {
  const client = useQueryClient();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [link, setLink] = useState<string | null>(null);
  const attempt = async <T>(call: () => Promise<T>): Promise<T | null> => {
    setProblem(null);
    try {
      return await call();
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem)) throw thrown;
      setProblem(thrown.problem);
      // somebody else may have changed it meanwhile
      void client.invalidateQueries({ queryKey: peopleQuery(kitchen).queryKey });
      return null;
    }
  };
  const changed = async (call: () => Promise<People>) => {
    const people = await attempt(call);
    if (!people) return false;
    client.setQueryData(peopleQuery(kitchen).queryKey, people);
    setLink(people.newLink && `${location.origin}/invite/${people.newLink}`);
    void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "acts"] });
    void client.invalidateQueries({ queryKey: sessionQuery.queryKey });
    return true;
  };
  const path = { kitchen };
  return {
    problem,
    link,
    name: async (name: string) => {
      const session = await attempt(() =>
        answer(api.PUT("/kitchens/{kitchen}/name", { params: { path }, body: { name } })),
      );
      if (session) client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      void client.invalidateQueries({ queryKey: ["kitchen", kitchen, "acts"] });
    },
    invite: (forWhom: string, role: Role) =>
      changed(() => answer(api.POST("/kitchens/{kitchen}/invites", { params: { path }, body: { forWhom, role } }))),
    withdraw: (invite: string) =>
      changed(() =>
        answer(api.DELETE("/kitchens/{kitchen}/invites/{invite}", { params: { path: { kitchen, invite } } })),
      ),
    give: (member: number, role: Role) =>
      changed(() =>
        answer(
          api.PUT("/kitchens/{kitchen}/members/{member}/role", {
            params: { path: { kitchen, member } },
            body: { role },
          }),
        ),
      ),
    remove: (member: number) =>
      changed(() =>
        answer(api.DELETE("/kitchens/{kitchen}/members/{member}", { params: { path: { kitchen, member } } })),
      ),
    handOver: (member: number) =>
      changed(() => answer(api.PUT("/kitchens/{kitchen}/owner", { params: { path }, body: { member } }))),
    leave: async () => {
      const session = await attempt(() => answer(api.DELETE("/kitchens/{kitchen}/membership", { params: { path } })));
      if (!session) return false;
      client.removeQueries({ queryKey: ["kitchen", kitchen] });
      client.setQueryData(sessionQuery.queryKey, rememberToken(session));
      return true;
    },
  };
}

export type PeopleActs = ReturnType<typeof usePeople>;
