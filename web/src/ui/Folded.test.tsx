import { fireEvent, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { show } from "../../test/kitchen";
import { Folded } from "./Folded";

describe("choices folded into a sentence", () => {
  it("are read at once, opened with one press and closed again", () => {
    show(
      <Folded
        label="The oven"
        words={[
          { words: "static", assumed: true },
          { words: "middle rack", assumed: false },
        ]}
      >
        <select aria-label="Mode" />
      </Folded>,
    );
    expect(screen.queryByLabelText("Mode")).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "The oven: open" }));
    expect(screen.getByLabelText("Mode")).toBeTruthy();
    expect(screen.getByRole("button", { name: "The oven: close" }).getAttribute("aria-expanded")).toBe("true");
    fireEvent.click(screen.getByRole("button", { name: "The oven: close" }));
    expect(screen.queryByLabelText("Mode")).toBeNull();
  });
});
