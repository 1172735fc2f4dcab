import { fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server, show } from "../../../test/kitchen";
import YouRoom from "./You";

const session = (change: object = {}) => ({
  csrfToken: "t",
  user: {
    name: "Ada",
    email: "ada@lockhouse.example",
    units: { volumes: "metric", temperatures: "celsius", eggs: "us" },
    ovenWords: [],
    places: [],
    ...change,
  },
  kitchens: [],
});
const refused = (at: string, mend: string) => problem(422, "refused", { refusals: [{ code: "refused", at, mend }] });

describe("what belongs to a person", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("keeps a name once it is stored, and leaves it as typed where it is not", async () => {
    const answers = [problem(500, "fault"), json(session({ name: "Ada Quill" }))];
    server({ "GET /session": () => json(session()), "PUT /session/name": () => answers.shift() as Response });
    show(<YouRoom />);
    const field = await screen.findByLabelText<HTMLInputElement>("Your name");
    fireEvent.change(field, { target: { value: "Ada Quill" } });
    fireEvent.keyDown(field, { key: "Enter" });
    expect(await screen.findByText("Mend of fault.")).toBeTruthy();
    expect(field.value).toBe("Ada Quill");
    fireEvent.change(field, { target: { value: "Ada  Quill" } });
    fireEvent.keyDown(field, { key: "Enter" });
    await waitFor(() => expect(field.value).toBe("Ada Quill"));
    expect(screen.queryByText("Mend of fault.")).toBeNull();
  });

  it("says where units were not changed, and shows those that hold", async () => {
    server({ "GET /session": () => json(session()), "PUT /units": () => problem(500, "fault") });
    show(<YouRoom />);
    fireEvent.click(await screen.findByRole("button", { name: "°F" }));
    expect(await screen.findByText("Mend of fault.")).toBeTruthy();
    expect(screen.getByRole("button", { name: "°C" }).getAttribute("aria-pressed")).toBe("true");
  });

  it("says at its field what is wrong with a password, and empties both when it is changed", async () => {
    const answers = [refused("/now", "That is not it."), json(session())];
    server({ "GET /session": () => json(session()), "PUT /password": () => answers.shift() as Response });
    show(<YouRoom />);
    const now = await screen.findByLabelText<HTMLInputElement>(/^Password you have now/);
    const wanted = screen.getByLabelText<HTMLInputElement>(/^New password/);
    fireEvent.change(now, { target: { value: "pale crust" } });
    fireEvent.change(wanted, { target: { value: "a much longer one" } });
    fireEvent.click(screen.getByRole("button", { name: "Change the password" }));
    expect(await screen.findByText("That is not it.")).toBeTruthy();
    expect(wanted.value).toBe("a much longer one");
    fireEvent.click(screen.getByRole("button", { name: "Change the password" }));
    expect(await screen.findByText(/The password is changed/)).toBeTruthy();
    expect([now.value, wanted.value]).toEqual(["", ""]);
  });

  it("says where the other devices are still signed in", async () => {
    server({ "GET /session": () => json(session()), "DELETE /sessions": () => problem(500, "fault") });
    show(<YouRoom />);
    fireEvent.click(await screen.findByRole("button", { name: "Sign out everywhere else" }));
    expect(await screen.findByText("Mend of fault.")).toBeTruthy();
  });
});
