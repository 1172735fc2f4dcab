import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { show } from "../../test/kitchen";
import { DateEntry } from "./DateEntry";
import { FileButton } from "./FileButton";

describe("what a device brings in", () => {
  afterEach(cleanup);

  it("a file is taken once, and the same file can be taken again", () => {
    const take = vi.fn();
    show(<FileButton label="Put in a photo" accept="image/*" take={take} />);
    const input = screen.getByLabelText("Put in a photo") as HTMLInputElement;
    expect(input.accept).toBe("image/*");
    const photo = new File(["x"], "photo.jpg");
    fireEvent.change(input, { target: { files: [photo] } });
    expect(take).toHaveBeenLastCalledWith(photo);
    expect(input.value).toBe("");
    fireEvent.change(input, { target: { files: [photo] } });
    expect(take).toHaveBeenCalledTimes(2);
  });

  it("nothing is taken where nothing was chosen", () => {
    const take = vi.fn();
    show(<FileButton label="Put in a photo" accept="image/*" take={take} />);
    fireEvent.change(screen.getByLabelText("Put in a photo"), { target: { files: [] } });
    expect(take).not.toHaveBeenCalled();
  });

  it("a date is told as the calendar has it, and as nothing while it is none", () => {
    const choose = vi.fn();
    show(<DateEntry label="Baked on" value="2026-11-27" choose={choose} />);
    fireEvent.change(screen.getByLabelText("Baked on"), { target: { value: "2026-11-28" } });
    expect(choose).toHaveBeenLastCalledWith("2026-11-28");
    fireEvent.change(screen.getByLabelText("Baked on"), { target: { value: "" } });
    expect(choose).toHaveBeenLastCalledWith("");
  });
});
