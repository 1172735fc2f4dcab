import { beforeEach, describe, expect, it } from "vitest";
import type { PieDesign } from "../../api/client";
import { dropDraft, findDraft, keepDraft } from "./draft";

const design = { name: "Quiche", layers: [] } as unknown as PieDesign;
const draft = { design, basedOn: 3, at: "2026-11-25T10:42:00Z" };

describe("a draft", () => {
  beforeEach(() => localStorage.clear());

  it("is found again by the tab that kept it, until it is dropped", async () => {
    await keepDraft("k", "p", draft);
    expect(await findDraft("k", "p")).toEqual(draft);
    expect(await findDraft("k", "other")).toBeNull();
    await dropDraft("k", "p");
    expect(await findDraft("k", "p")).toBeNull();
  });

  it("left behind by a tab that is gone is taken over, the newest of them", async () => {
    localStorage.setItem("hojaldre.draft.k.p.gone", JSON.stringify({ ...draft, at: "2026-11-25T09:00:00Z" }));
    localStorage.setItem("hojaldre.draft.k.p.lost", JSON.stringify({ ...draft, basedOn: 4 }));
    expect((await findDraft("k", "p"))?.basedOn).toBe(4);
    expect(localStorage.getItem("hojaldre.draft.k.p.lost")).toBeNull();
    expect((await findDraft("k", "p"))?.basedOn).toBe(4);
  });

  it("that cannot be read is passed over", async () => {
    localStorage.setItem("hojaldre.draft.k.p.broken", "{");
    localStorage.setItem("hojaldre.draft.k.p.odd", '{"basedOn":"3"}');
    expect(await findDraft("k", "p")).toBeNull();
  });

  it("of an earlier version is brought up: discs were half-moons, vents cut before", async () => {
    const design = {
      version: 5,
      layers: [],
      tin: { shape: "folded-discs", discs: 6, discDiameterMm: 180 },
      crust: { lid: { thicknessMm: 3, openShare: 0.01, glaze: "egg" } },
    } as unknown as PieDesign;
    await keepDraft("k", "old", { design, basedOn: 2, at: "2026-11-26T10:00:00Z" });
    const found = (await findDraft("k", "old"))?.design;
    expect(found?.version).toBe(6);
    expect(found?.tin).toEqual({ shape: "folded", fold: "half-moon", pieces: 6, lengthMm: 180, widthMm: null });
    expect(found?.crust.lid?.ventedLate).toBe(false);
  });
});
