import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server } from "../../test/kitchen";
import { ApiProblem, answer, api, rememberToken } from "./client";

const session = { csrfToken: "new", user: null, kitchens: [] };
const archive = () =>
  answer(
    api.PUT("/kitchens/{kitchen}/pies/{pie}/archived", {
      params: { path: { kitchen: "k", pie: "p" } },
      body: { archived: true },
    }),
  );

describe("the client of the API", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("sends the token with writes, and fetches a new one when it is stale, once", async () => {
    rememberToken({ csrfToken: "old", user: null, kitchens: [] });
    let tries = 0;
    const asked = server({
      "PUT /archived": () => (tries++ === 0 ? problem(419, "stale-token") : json({ id: "p" })),
      "GET /session": () => json(session),
    });
    await archive();
    expect(asked.map((one) => `${one.what.split(" ")[0]} ${one.token}`)).toEqual(["PUT old", "GET null", "PUT new"]);
    expect(asked[2]?.body).toEqual({ archived: true });
  });

  it("gives up after the second stale token", async () => {
    const asked = server({ "PUT /archived": () => problem(419, "stale-token"), "GET /session": () => json(session) });
    await expect(archive()).rejects.toThrow("Mend of stale-token.");
    expect(asked).toHaveLength(3);
  });

  it("throws the problem with its mend", async () => {
    server({
      "PUT /archived": () => problem(422, "out-of-range", { refusals: [{ code: "c", at: "/archived", mend: "m" }] }),
    });
    const thrown = await archive().catch((one) => one);
    expect(thrown).toBeInstanceOf(ApiProblem);
    expect(thrown.problem.refusals[0].at).toBe("/archived");
    expect(thrown.isOffline).toBe(false);
  });

  it("says that nobody answers when nobody does, and that what was typed is kept", async () => {
    server({});
    const thrown = await archive().catch((one) => one);
    expect(thrown.isOffline).toBe(true);
    expect(thrown.problem.mend).toContain("kept on this device");
  });

  it("makes a problem of an answer that is none", async () => {
    server({ "PUT /archived": () => new Response("<html>Bad gateway</html>", { status: 502 }) });
    const thrown = await archive().catch((one) => one);
    expect(thrown).toBeInstanceOf(ApiProblem);
    expect(thrown.problem.status).toBe(502);
  });
});
