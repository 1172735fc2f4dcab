import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { json, problem, server, show } from "../../../test/kitchen";
import { Archive } from "./Archive";

const open = (answer: () => Response) => {
  const asked = server({ "PUT /archive": answer });
  show(<Archive kitchen="k" name="The Weir House" />);
  return asked;
};
const bring = () =>
  fireEvent.change(screen.getByLabelText("Bring such a file in"), {
    target: { files: [new File(["PK"], "kitchen.zip", { type: "application/zip" })] },
  });

describe("everything out and in", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("goes out as a file with the name of the kitchen", () => {
    open(() => json({}));
    const out = screen.getByRole("link", { name: "Take everything out" });
    expect(out.getAttribute("href")).toBe("/api/kitchens/k/archive");
    expect(out.getAttribute("download")).toBe("The Weir House.zip");
  });

  it("comes in as it is, and says when all of it is in", async () => {
    const asked = open(() => json({ ok: true }));
    bring();
    expect(screen.getByRole("status").textContent).toBe("Bringing it in. This may take some minutes.");
    expect(await screen.findByText("All of it is in.")).toBeTruthy();
    expect(asked[0]?.body).toBe("PK");
  });

  it("says what is wrong with a file, in the words of its first fault", async () => {
    open(() =>
      problem(422, "archive-row", {
        refusals: [{ code: "archive-row", at: "", mend: "pies.jsonl, row 3 cannot be read." }],
      }),
    );
    bring();
    await waitFor(() => expect(screen.getByRole("status").textContent).toBe("pies.jsonl, row 3 cannot be read."));
  });

  it("says that a kitchen with something in it takes none", async () => {
    open(() => problem(422, "archive-not-empty"));
    bring();
    expect(await screen.findByText("Mend of archive-not-empty.")).toBeTruthy();
  });
});
