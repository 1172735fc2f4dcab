import { ChakraProvider } from "@chakra-ui/react";
import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { EntryField } from "./EntryField";
import type { ReadResult } from "./entry";
import { system } from "./theme";

const read = (words: string): ReadResult<number> =>
  /^\d+ g$/.test(words)
    ? { ok: true, value: Number.parseInt(words, 10) }
    : { ok: false, mend: `${words} what? Add g.` };

function field(props: Partial<Parameters<typeof EntryField<number>>[0]> = {}) {
  const keep = vi.fn();
  const preview = vi.fn();
  render(
    <ChakraProvider value={system}>
      <EntryField label="Leeks, weight now" words="315 g" read={read} keep={keep} preview={preview} {...props} />
    </ChakraProvider>,
  );
  return { keep, preview, input: screen.getByLabelText<HTMLInputElement>("Leeks, weight now") };
}

describe("an entry edited in place", () => {
  it("keeps on Enter what was understood, once", async () => {
    const { keep, input } = field();
    fireEvent.change(input, { target: { value: "280 g" } });
    fireEvent.keyDown(input, { key: "Enter" });
    fireEvent.blur(input);
    await waitFor(() => expect(keep).toHaveBeenCalledWith(280));
    expect(keep).toHaveBeenCalledTimes(1);
  });

  it("leaves words it does not understand as typed and says what to write", async () => {
    const { keep, input } = field();
    fireEvent.change(input, { target: { value: "280" } });
    fireEvent.blur(input);
    expect(await screen.findByText("280 what? Add g.")).toBeTruthy();
    expect(input.value).toBe("280");
    expect(input.getAttribute("aria-invalid")).toBe("true");
    expect(keep).not.toHaveBeenCalled();
  });

  it("shows with one press what can be said, and nothing of it while all is understood", async () => {
    const { input } = field({ sayings: ["200 g", "a handful"] });
    expect(screen.queryByText("What can be said")).toBeNull();
    fireEvent.change(input, { target: { value: "heaps" } });
    fireEvent.blur(input);
    fireEvent.click(await screen.findByRole("button", { name: "Leeks, weight now: what can be said" }));
    expect(screen.getByText('"200 g", "a handful"')).toBeTruthy();
    expect(input.value).toBe("heaps");
    fireEvent.keyDown(input, { key: "Escape" });
    expect(screen.queryByText('"200 g", "a handful"')).toBeNull();
  });

  it("returns on Escape to what it was and takes the preview back", () => {
    const { keep, preview, input } = field();
    fireEvent.change(input, { target: { value: "28 g" } });
    fireEvent.keyDown(input, { key: "Escape" });
    fireEvent.blur(input);
    expect(input.value).toBe("315 g");
    expect(preview).toHaveBeenLastCalledWith(null);
    expect(keep).not.toHaveBeenCalled();
  });

  it("shows what it would do while it is typed, the last words only", async () => {
    const { preview, input } = field();
    for (const value of ["3 g", "30 g", "300 g"]) fireEvent.change(input, { target: { value } });
    await waitFor(() => expect(preview).toHaveBeenCalledTimes(1));
    expect(preview).toHaveBeenCalledWith("300 g");
  });

  it("never lets a late reading overtake a newer one", async () => {
    const answers: ((got: ReadResult<number>) => void)[] = [];
    const slow = () => new Promise<ReadResult<number>>((resolve) => answers.push(resolve));
    const { keep, input } = field({ read: slow, preview: undefined });
    fireEvent.change(input, { target: { value: "100 g" } });
    fireEvent.keyDown(input, { key: "Enter" });
    fireEvent.change(input, { target: { value: "200 g" } });
    fireEvent.keyDown(input, { key: "Enter" });
    answers[1]?.({ ok: true, value: 200 });
    answers[0]?.({ ok: true, value: 100 });
    await waitFor(() => expect(keep).toHaveBeenCalledTimes(1));
    expect(keep).toHaveBeenCalledWith(200);
  });

  it("moves by the arrow keys, with Shift by ten", () => {
    const { input } = field();
    fireEvent.keyDown(input, { key: "ArrowDown" });
    expect(input.value).toBe("314 g");
    fireEvent.keyDown(input, { key: "ArrowUp", shiftKey: true });
    expect(input.value).toBe("324 g");
  });

  it("shows a refusal that came from elsewhere at the field", () => {
    field({ mend: "It cannot weigh more now than it did when bought." });
    expect(screen.getByRole("status").textContent).toContain("cannot weigh more");
  });
});
