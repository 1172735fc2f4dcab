import { act, renderHook, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, revision, server, trout, wrapper } from "../../../test/kitchen";
import type { PieSummary } from "../../api/client";
import { usePieActs } from "./usePieActs";

const pie = { id: "p", name: "Quiche", archived: false } as PieSummary;
const stored = { id: "p", archived: false, revision: revision(1), design: trout(), forecast: {} };

describe("what can be done from the list", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("sends a file to the core as it is, and says that it is there", async () => {
    const asked = server({ "POST /pies": () => json(stored, 201) });
    const { result } = renderHook(() => usePieActs("k"), { wrapper });
    await act(() => result.current.bringIn(new File(['{"format": "hojaldre-pie"}'], "quiche.json")));
    expect(asked[0]?.body).toEqual({ format: "hojaldre-pie" });
    expect(result.current.said?.words).toContain("is in your pies");
  });

  it("keeps a refusal with the name of the file until it is dismissed", async () => {
    server({ "POST /pies": () => problem(422, "not-json") });
    const { result } = renderHook(() => usePieActs("k"), { wrapper });
    await act(() => result.current.bringIn(new File(["{}"], "cut.json")));
    expect([result.current.problem?.code, result.current.file]).toEqual(["not-json", "cut.json"]);
    act(() => result.current.dismiss());
    expect(result.current.problem).toBeNull();
  });

  it("puts a pie away and takes it out again with one press", async () => {
    const asked = server({ "PUT /archived": () => json(stored) });
    const { result } = renderHook(() => usePieActs("k"), { wrapper });
    await act(() => result.current.putAway(pie, true));
    expect(result.current.said?.words).toBe('"Quiche" is put away.');
    act(() => result.current.said?.undo?.());
    await waitFor(() => expect(result.current.said?.words).toBe('"Quiche" is back.'));
    expect(asked.map((one) => one.body)).toEqual([{ archived: true }, { archived: false }]);
  });

  it("says what went wrong with a copy", async () => {
    server({ "POST /duplicate": () => problem(403, "not-allowed") });
    const { result } = renderHook(() => usePieActs("k"), { wrapper });
    await act(() => result.current.duplicate(pie));
    expect(result.current.problem?.mend).toBe("Mend of not-allowed.");
  });
});
