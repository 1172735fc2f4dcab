import { fireEvent, screen, waitFor } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { foods, show, trout } from "../../test/kitchen";
import type { Food } from "../api/client";
import { ownId } from "./ownId";
import { spokenName } from "./spokenName";
import { UnknownFood } from "./UnknownFood";

describe("the name in what a cook says", () => {
  it.each([
    ["200 g flumpets", "flumpets"],
    ["2 cups of marsh flumpets, chopped", "marsh flumpets"],
    ["a handful of flumpets", "flumpets"],
    ["flumpets", "flumpets"],
    ["1½ tbsp flumpets", "flumpets"],
    ["half a flumpet", "flumpet"],
  ])("%s", (words, name) => expect(spokenName(words).name.trim()).toBe(name));

  it("loses nothing of the words", () => {
    for (const words of ["200 g flumpets, squeezed", "flumpets", " 3 flumpets "]) {
      const { amount, name, rest } = spokenName(words);
      expect(amount + name + rest).toBe(words);
    }
  });
});

describe("the id of an own food", () => {
  it("has small letters without accents, and is never taken twice", () => {
    expect(ownId("Crème d'Ortie", [])).toMatch(/^own-cre-?me-d-ortie$/);
    expect(ownId("Flumpets", ["own-flumpets", "own-flumpets-2"])).toBe("own-flumpets-3");
    expect(ownId("日本", [])).toBe("own-food");
  });
});

const leeks = trout().layers.flatMap((layer): Food[] => ("food" in layer ? [layer.food] : []));
const known = foods(leeks).foods;

describe("a food nobody knows", () => {
  const like = vi.fn(async () => null);
  const fromPacket = vi.fn(async () => ({ at: "/fat", mend: "Fat: grams in 100 g, 0 to 100." }));

  it("is like another one, under the name the cook gives it", async () => {
    show(<UnknownFood name="flumpets" foods={known} like={like} fromPacket={fromPacket} />);
    fireEvent.click(screen.getByText("like another food"));
    fireEvent.change(screen.getByLabelText("We call it"), { target: { value: "Flumpets" } });
    const first = known.find((one) => one.food.id === "leeks");
    if (!first) throw new Error("no leeks");
    fireEvent.change(screen.getByLabelText("It is like"), { target: { value: first.food.name } });
    fireEvent.click(await screen.findByRole("button", { name: first.food.name }));
    await waitFor(() => expect(like).toHaveBeenCalledWith("Flumpets", first.food.id));
  });

  it("is what its packet says, and what is refused stands at its field", async () => {
    show(<UnknownFood name="flumpets" foods={known} like={like} fromPacket={fromPacket} />);
    fireEvent.click(screen.getByText("as its packet says"));
    expect((screen.getByLabelText("Name") as HTMLInputElement).value).toBe("flumpets");
    fireEvent.click(screen.getByText("Save it to the stores"));
    expect(await screen.findByText("Fat: grams in 100 g, 0 to 100.")).toBeTruthy();
    fireEvent.click(screen.getByText("Never mind"));
    expect(screen.getByText("like another food")).toBeTruthy();
  });
});
