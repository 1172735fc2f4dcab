import { describe, expect, it } from "vitest";
import { actOf } from "./useKeys";

const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
  actOf({ key, ctrlKey: true, metaKey: false, shiftKey: false, ...more });

describe("the keys of the bench", () => {
  it("save, undo and redo with Control or Command", () => {
    expect([press("s"), press("z"), press("Z", { shiftKey: true }), press("y")]).toEqual([
      "save",
      "undo",
      "redo",
      "redo",
    ]);
    expect(press("s", { ctrlKey: false, metaKey: true })).toBe("save");
  });
  it("leave every other key alone", () => {
    expect(press("s", { ctrlKey: false })).toBeNull();
    expect(press("a")).toBeNull();
  });
});
