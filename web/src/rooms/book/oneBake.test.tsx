import { cleanup, fireEvent, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { record } from "../../../test/bake";
import { enter, json, problem, server, session, showAt } from "../../../test/kitchen";
import type { BakeRecord } from "../../api/client";
import OneBake from "./OneBake";
import { shrink } from "./shrink";

vi.mock("./shrink", () => ({ shrink: vi.fn() }));

const leftover = { id: "l", kept: "baked-pies", place: "fridge", says: "Leek quiche, 3", grams: null, food: null };
const kept = { ...leftover, putOn: "2026-11-27", useBy: "2026-11-30", isPast: false, putBy: "Ada" };

const open = (answers: Parameters<typeof server>[0] = {}, role: "owner" | "guest" = "owner") => {
  const asked = server({
    "GET /session": () => json(session(role)),
    "GET /bakes/b": () => json(record()),
    "GET /causes": () => json({ findings: [] }),
    ...answers,
  });
  showAt("/k/:kitchen/book/:bake", "/k/k/book/b", <OneBake />);
  return asked;
};
const part = (name: string) => screen.findByRole("region", { name });
const file = (name = "photo.jpg") => new File(["bytes"], name, { type: "image/jpeg" });
const choose = (label: string, chosen: File) =>
  fireEvent.change(screen.getByLabelText(label), { target: { files: [chosen] } });

describe("one bake of the book", () => {
  beforeEach(() => {
    vi.mocked(shrink).mockReset();
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("says whether its middle was hot enough, and heavily where it was not", async () => {
    open();
    expect((await screen.findByText("The core was not measured to the end.")).style.fontWeight).toBe("");
    cleanup();
    open({ "GET /bakes/b": () => json(record({ isDoubtful: true, hotEnough: "The probe saw 64 °C at most." })) });
    const told = await screen.findByText("The probe saw 64 °C at most.");
    expect(getComputedStyle(told).fontWeight).toBe("650");
  });

  it("shows photos with who put them in, and takes one out only when asked twice", async () => {
    const photo = { id: "f", width: 1600, height: 1200, putBy: "Ben" };
    const asked = open({
      "GET /bakes/b": () => json(record({ photos: [photo] })),
      "DELETE /photos/f": () => json(record()),
    });
    const photos = await part("Photos");
    const image = within(photos).getByRole("img", { name: "Leek quiche, 1 of 1, put in by Ben" });
    expect(image.getAttribute("src")).toBe("/api/kitchens/k/bakes/b/photos/f");
    fireEvent.click(within(photos).getByRole("button", { name: "Photo 1: take it out" }));
    fireEvent.click(within(photos).getByRole("button", { name: "Keep" }));
    expect(asked.some((one) => one.what.startsWith("DELETE"))).toBe(false);
    fireEvent.click(within(photos).getByRole("button", { name: "Photo 1: take it out" }));
    fireEvent.click(within(photos).getByRole("button", { name: "Take it out for good" }));
    await waitFor(() => expect(within(photos).queryByRole("img")).toBeNull());
  });

  it("sends what was made small, as a JPEG", async () => {
    vi.mocked(shrink).mockResolvedValue(new Blob(["small"], { type: "image/jpeg" }));
    const photo = { id: "f", width: 16, height: 12, putBy: "Ada" };
    const asked = open({ "POST /photos": () => json(record({ photos: [photo] })) });
    const photos = await part("Photos");
    choose("Put in a photo", file());
    expect(await within(photos).findByRole("img")).toBeTruthy();
    expect(asked.find((one) => one.what.endsWith("/photos"))?.body).toBe("small");
    expect(within(photos).getByRole("status").textContent).toBe("");
  });

  it("says when a file is no picture, and when the book took no more photos", async () => {
    vi.mocked(shrink).mockResolvedValue(null);
    const asked = open({
      "POST /photos": () =>
        problem(422, "photos-full", { refusals: [{ code: "photos-full", at: "", mend: "Throw one away first." }] }),
    });
    const photos = await part("Photos");
    choose("Put in a photo", file("recipe.txt"));
    await within(photos).findByText("This file is no picture that can be read. Choose a photo.");
    expect(asked.some((one) => one.what.startsWith("POST"))).toBe(false);
    vi.mocked(shrink).mockResolvedValue(new Blob(["small"], { type: "image/jpeg" }));
    choose("Put in a photo", file());
    expect(await within(photos).findByText("Throw one away first.")).toBeTruthy();
  });

  it("puts pieces away as its own, and takes that back", async () => {
    let there: object[] = [];
    const asked = open({
      "GET /bakes/b": () => json(record({ kept: there as BakeRecord["kept"] })),
      "GET /leftovers": () => json({ leftovers: there }),
      "POST /leftovers": () => {
        there = [kept];
        return json(kept);
      },
      "PUT /gone": () => {
        there = [];
        return json({});
      },
    });
    const away = await part("Put away");
    const fridge = within(away).getByRole("button", { name: "Fridge" }) as HTMLButtonElement;
    expect(fridge.disabled).toBe(true);
    enter(within(away).getByLabelText("Pieces to put away"), "none");
    await within(away).findByText("Write a whole number from 1 to 500.");
    enter(within(away).getByLabelText("Pieces to put away"), "3");
    await waitFor(() => expect(fridge.disabled).toBe(false));
    fireEvent.click(fridge);
    expect((await within(away).findByRole("listitem")).textContent).toContain("use by 30 Nov");
    expect(asked.find((one) => one.what.startsWith("POST") && one.what.endsWith("/leftovers"))?.body).toEqual({
      kept: "baked-pies",
      place: "fridge",
      name: "Leek quiche",
      grams: null,
      pieces: 3,
      food: null,
      bake: "b",
      cooledInPortions: false,
    });
    fireEvent.click(within(away).getByRole("button", { name: "Undo" }));
    await waitFor(() => expect(within(away).queryByRole("listitem")).toBeNull());
    expect(asked.find((one) => one.what.endsWith("/leftovers/l/gone"))?.body).toEqual({ gone: "thrown" });
  });

  it("says why something is not put away", async () => {
    open({ "POST /leftovers": () => problem(422, "not-hot-enough"), "GET /leftovers": () => json({ leftovers: [] }) });
    const away = await part("Put away");
    enter(within(away).getByLabelText("Pieces to put away"), "2");
    await waitFor(() =>
      expect((within(away).getByRole("button", { name: "Freezer" }) as HTMLButtonElement).disabled).toBe(false),
    );
    fireEvent.click(within(away).getByRole("button", { name: "Freezer" }));
    expect((await within(away).findByRole("alert")).textContent).toBe("Mend of not-hot-enough.");
  });

  it("has what is past its date thrown away and never used", async () => {
    open({
      "GET /bakes/b": () => json(record({ kept: [{ ...kept, isPast: true }] as BakeRecord["kept"] })),
    });
    const row = await within(await part("Put away")).findByRole("listitem");
    expect(row.textContent).toContain("do not use, was 30 Nov");
    expect(within(row).queryByRole("button", { name: /: used/ })).toBeNull();
    expect(within(row).getByRole("button", { name: /: thrown away/ })).toBeTruthy();
  });

  it("is read by a guest, who puts nothing in and nothing away", async () => {
    open({}, "guest");
    const photos = await part("Photos");
    await waitFor(() => expect(within(photos).queryByLabelText("Put in a photo")).toBeNull());
    expect(within(await part("Put away")).queryByRole("button")).toBeNull();
    expect(screen.queryByLabelText("Bring a trace from a file")).toBeNull();
  });

  it("takes a trace out of a file, and says which of its rows were left out", async () => {
    const asked = open({ "POST /trace": () => json({ new: 46, leftOut: 2 }) });
    await part("Photos");
    choose("Bring a trace from a file", new File(["minute,celsius\n1,20"], "trace.csv", { type: "text/csv" }));
    expect(await screen.findByText("46 readings taken, 2 rows left out.")).toBeTruthy();
    expect(asked.find((one) => one.what.endsWith("/trace"))?.body).toMatchObject({ csv: "minute,celsius\n1,20" });
  });

  it("that is gone says so and leads to the book", async () => {
    open({ "GET /bakes/b": () => problem(404, "not-found") });
    expect((await screen.findByRole("alert")).textContent).toContain("This bake did not open. Mend of not-found.");
  });
});

describe("weights as they were", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("keeps two weights that are typed one after the other, and says why one was not taken", async () => {
    const two = [
      { layer: "leeks", name: "Leeks", designedGrams: 315, doneGrams: null },
      { layer: "trout", name: "Trout", designedGrams: 180, doneGrams: null },
    ];
    const asked = open({
      "GET /bakes/b": () => json(record({ weights: two })),
      "PUT /weighed": ({ layers }: { layers: { grams: number }[] }) =>
        layers.length > 1 ? problem(422, "heavier-than-bought") : json(record({ weights: two })),
    });
    enter(await screen.findByLabelText("Leeks, weighed"), "320");
    enter(screen.getByLabelText("Trout, weighed"), "9000");
    expect((await screen.findByRole("alert")).textContent).toBe("Mend of heavier-than-bought.");
    const sent = asked.filter((one) => one.what.startsWith("PUT")).map((one) => one.body);
    expect(sent).toEqual([
      { layers: [{ layer: "leeks", grams: 320 }] },
      {
        layers: [
          { layer: "leeks", grams: 320 },
          { layer: "trout", grams: 9000 },
        ],
      },
    ]);
  });
});
