import { ChakraProvider } from "@chakra-ui/react";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { system } from "../../ui/theme";
import { Taste } from "./Taste";

afterEach(cleanup);

const taste = (keep = vi.fn(async () => {})) => {
  render(
    <ChakraProvider value={system}>
      <Taste letters={["A", "B", "C"]} keep={keep} close={() => {}} />
    </ChakraProvider>,
  );
  return keep;
};
const tap = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

test("two taps put three pies in order, and the name is asked for", async () => {
  const keep = taste();
  tap("C");
  tap("A");
  expect(screen.getByRole("button", { name: "B, third" })).toBeDefined();
  expect(screen.getByRole("status").textContent).toContain("Write your name");
  const name = screen.getByLabelText("Who tastes");
  fireEvent.change(name, { target: { value: "Mia" } });
  fireEvent.keyDown(name, { key: "Enter" });
  await vi.waitFor(() => expect(screen.queryByText(/Write your name/)).toBeNull());
  tap("Keep it");
  expect(keep).toHaveBeenCalledWith("Mia", "CAB");
});

test("a tap on one that has its place takes it back, and those after it", () => {
  taste();
  tap("B");
  tap("A");
  tap("B, best");
  expect(screen.getByRole("button", { name: "A" })).toBeDefined();
  expect(screen.getByRole("button", { name: "B" })).toBeDefined();
});
