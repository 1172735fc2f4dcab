import { afterEach, describe, expect, it, vi } from "vitest";
import { shrink } from "./shrink";

/** A picture of so many pixels, and a canvas that packs it to so many bytes at each quality. */
function device(width: number, height: number, bytes: (quality: number) => number) {
  const drawn: number[][] = [];
  const tried: number[] = [];
  vi.stubGlobal("createImageBitmap", async () => ({ width, height, close: () => {} }));
  vi.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue({
    fillRect: () => {},
    drawImage: (_: unknown, ...box: number[]) => drawn.push(box),
  } as never);
  vi.spyOn(HTMLCanvasElement.prototype, "toBlob").mockImplementation((done, type, quality) => {
    tried.push(quality ?? 1);
    done({ size: bytes(quality ?? 1), type } as Blob);
  });
  return { drawn, tried };
}

describe("a photo that is kept", () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  it("is at most 1600 px at its longer side, with its shape", async () => {
    const { drawn } = device(4000, 3000, () => 300_000);
    expect((await shrink(new Blob()))?.type).toBe("image/jpeg");
    expect(drawn).toEqual([[0, 0, 1600, 1200]]);
  });

  it("upright is measured by its height", async () => {
    const { drawn } = device(1500, 3200, () => 300_000);
    await shrink(new Blob());
    expect(drawn).toEqual([[0, 0, 750, 1600]]);
  });

  it("is never made larger than it was", async () => {
    const { drawn } = device(640, 480, () => 90_000);
    await shrink(new Blob());
    expect(drawn).toEqual([[0, 0, 640, 480]]);
  });

  it("is packed harder until the server takes it, and given up when it never does", async () => {
    const { tried } = device(1600, 1600, (quality) => (quality > 0.6 ? 2_400_000 : 1_900_000));
    expect(await shrink(new Blob())).not.toBeNull();
    expect(tried).toEqual([0.85, 0.7, 0.5]);
    vi.restoreAllMocks();
    device(1600, 1600, () => 2_000_001);
    expect(await shrink(new Blob())).toBeNull();
  });

  it("is none where the file is no picture", async () => {
    vi.stubGlobal("createImageBitmap", async () => {
      throw new DOMException("The source image could not be decoded.");
    });
    expect(await shrink(new Blob(["text"]))).toBeNull();
  });
});
