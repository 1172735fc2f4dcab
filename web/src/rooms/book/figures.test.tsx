import { cleanup, fireEvent, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server, showAt } from "../../../test/kitchen";
import type { BookFigures } from "../../api/client";
import FiguresPage from "./FiguresPage";

const miss = (name: string, lateMinutes: number, isInRange: boolean): BookFigures["misses"][number] => ({
  bake: name,
  name,
  outAt: 0,
  lateMinutes,
  fromMinutes: -4,
  toMinutes: 5,
  isInRange,
});

const figures = (change: Partial<BookFigures> = {}): BookFigures => ({
  misses: [miss("Quiche", 1, true), miss("Tart", 8, false), miss("Pasty", 0, true)],
  earlierMinutes: null,
  laterMinutes: null,
  told: [
    { tap: "underside", name: "underside", judged: 11, right: 5, falseAlarms: 2, missed: 1 },
    { tap: "slice", name: "slice", judged: 9, right: 9, falseAlarms: 0, missed: 0 },
    { tap: "salt", name: "salt", judged: 0, right: 0, falseAlarms: 0, missed: 0 },
  ],
  troubles: [
    { name: "slice loose", bakes: 3, mostOf: "Quiche", mostBakes: 2 },
    { name: "underside soggy", bakes: 2, mostOf: "Quiche", mostBakes: 1 },
    { name: "burnt rim", bakes: 1, mostOf: "Pasty", mostBakes: 1 },
  ],
  ...change,
});

const open = (answer: () => Response) => {
  server({ "GET /book-figures": answer });
  showAt("/k/:kitchen/book/figures", "/k/k/book/figures", <FiguresPage />);
};
const part = (name: string) => screen.findByRole("region", { name });

describe("figures of the book", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("count the bakes that came out within what was told, and say what it should be", async () => {
    open(() => json(figures()));
    expect((await part("How good were the minutes?")).textContent).toContain(
      "2 of 3 came out within what was told; it should be 8 in 10.",
    );
  });

  it("compare earlier bakes with later ones only where there are enough", async () => {
    open(() => json(figures({ earlierMinutes: 4.2, laterMinutes: 1.6 })));
    expect((await part("How good were the minutes?")).textContent).toContain(
      "Half of the earlier ones missed by less than 4 min, half of the later ones by less than 2.",
    );
    cleanup();
    open(() => json(figures()));
    expect((await part("How good were the minutes?")).textContent).not.toContain("Half of");
  });

  it("count false alarms beside what was not warned of, and leave out what nobody judged", async () => {
    open(() => json(figures()));
    const told = await part("Did it warn of the right things?");
    // eleven judged, two warned of for nothing, one not warned of
    expect(told.textContent).toContain("right 8 of 11");
    expect(told.textContent).toContain("2 false alarms, 1 not warned of. The same word in 5.");
    expect(told.textContent).toContain("No false alarm, nothing was missed. The same word in 9.");
    expect(within(told).queryByText("salt")).toBeNull();
  });

  it("say with which pie it fails most, and with which each time", async () => {
    open(() => json(figures()));
    const rows = within(await part("What fails most?")).getAllByRole("listitem");
    expect(rows.map((row) => row.textContent)).toEqual([
      "slice loose3 bakesShare2 of them with Quiche.",
      "underside soggy2 bakesShareEach with another pie.",
      "burnt rim1 bakeShareWith Pasty.",
    ]);
  });

  it("say what is missing while nothing is judged, or nothing is out", async () => {
    open(() => json(figures({ told: [], troubles: [] })));
    expect(await screen.findByText("No bake is judged yet.")).toBeTruthy();
    expect(screen.getByText("Nothing was judged wrong yet.")).toBeTruthy();
    cleanup();
    open(() => json(figures({ misses: [], told: [], troubles: [] })));
    expect(await screen.findByText("No bake is out yet. Each one that is adds to the figures.")).toBeTruthy();
    expect(screen.queryByRole("region")).toBeNull();
  });

  it("that did not come are asked for again with one press", async () => {
    let fails = true;
    open(() => (fails ? problem(500, "broken") : json(figures())));
    await screen.findByText("The figures did not come.");
    fails = false;
    fireEvent.click(screen.getByRole("button", { name: "Try again" }));
    expect(await part("What fails most?")).toBeTruthy();
  });
});
