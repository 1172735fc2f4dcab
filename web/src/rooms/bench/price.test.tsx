import { cleanup, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { enter, json, problem, server, show } from "../../../test/kitchen";
import type { Bill } from "../../api/client";
import { Price } from "./forecast/Price";

const bill = (change: Partial<Bill> = {}): Bill => ({
  tins: 1,
  lines: [],
  cost: 4.5,
  costOfAPortion: 0.56,
  unpriced: 0,
  priceOfAPortion: 2.58,
  pricing: { marginPercent: 55, otherCost: 0.6 },
  ...change,
});
const sold = () => screen.queryByText(/^Sell a portion for/)?.textContent;

describe("a selling price", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("stands there once a margin is wanted, and says where it must rise", () => {
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    expect(sold()).toBe("Sell a portion for 2.58");
    cleanup();
    show(<Price kitchen="k" bill={bill({ unpriced: 2 })} mayWrite />);
    expect(sold()).toBe("Sell a portion for 2.58; for more once all has a price");
    cleanup();
    show(<Price kitchen="k" bill={bill({ priceOfAPortion: null })} mayWrite />);
    expect(sold()).toBeUndefined();
  });

  it("is not asked about while nothing has a price", () => {
    show(<Price kitchen="k" bill={bill({ costOfAPortion: null })} mayWrite />);
    expect(screen.queryByRole("region")).toBeNull();
  });

  it("keeps the other figure when one is changed, and takes none for an empty entry", async () => {
    const asked = server({ "PUT /pricing": () => json({ ok: true }) });
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    enter(screen.getByLabelText("Other cost of a portion"), "0,75");
    await waitFor(() => expect(asked).toHaveLength(1));
    cleanup();
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    enter(screen.getByLabelText("Margin wanted"), "");
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked.map((one) => one.body)).toEqual([
      { marginPercent: 55, otherCost: 0.75 },
      { marginPercent: null, otherCost: 0.6 },
    ]);
  });

  it("loses neither figure on a slow line: the second takes the first along, and waits its turn", async () => {
    const answers: (() => void)[] = [];
    const asked = server({
      "PUT /pricing": () => new Promise<Response>((done) => answers.push(() => done(json({ ok: true })))),
    });
    show(<Price kitchen="k" bill={bill({ pricing: { marginPercent: null, otherCost: null } })} mayWrite />);
    enter(screen.getByLabelText("Other cost of a portion"), "0.50");
    await waitFor(() => expect(answers).toHaveLength(1));
    enter(screen.getByLabelText("Margin wanted"), "60");
    await new Promise((done) => setTimeout(done, 30));
    expect(asked).toHaveLength(1);
    answers[0]?.();
    await waitFor(() => expect(answers).toHaveLength(2));
    answers[1]?.();
    expect(asked.map((one) => one.body)).toEqual([
      { marginPercent: null, otherCost: 0.5 },
      { marginPercent: 60, otherCost: 0.5 },
    ]);
  });

  it("goes on after a refusal", async () => {
    let refuses = true;
    const asked = server({ "PUT /pricing": () => (refuses ? problem(503, "too-busy") : json({ ok: true })) });
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    enter(screen.getByLabelText("Other cost of a portion"), "0.50");
    expect((await screen.findByRole("alert")).textContent).toBe("Mend of too-busy.");
    refuses = false;
    enter(screen.getByLabelText("Margin wanted"), "60");
    await waitFor(() => expect(asked).toHaveLength(2));
    await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
  });

  it("refuses a margin that leaves nothing for the food, and words that are no number", async () => {
    const asked = server({});
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    enter(screen.getByLabelText("Margin wanted"), "100 %");
    expect(await screen.findByText("Write a number from 0 to 95 %.")).toBeTruthy();
    enter(screen.getByLabelText("Margin wanted"), "60 g");
    expect(await screen.findByText("Write a number from 0 to 95 %.")).toBeTruthy();
    expect(asked).toHaveLength(0);
  });

  it("says why it was not kept", async () => {
    server({ "PUT /pricing": () => problem(403, "guest") });
    show(<Price kitchen="k" bill={bill()} mayWrite />);
    enter(screen.getByLabelText("Margin wanted"), "60");
    expect((await screen.findByRole("alert")).textContent).toBe("Mend of guest.");
  });

  it("is read by a guest as plain words", () => {
    show(<Price kitchen="k" bill={bill()} mayWrite={false} />);
    expect(screen.getByRole("region").textContent).toContain("0.60 for hands, heat and box. Of the price 55 %");
    expect(screen.queryByRole("textbox")).toBeNull();
  });
});
