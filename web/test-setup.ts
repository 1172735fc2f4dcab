import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";

afterEach(cleanup);

// a busy machine is no failure
configure({ asyncUtilTimeout: 20_000 });

// jsdom lays nothing out: everything is as wide as a column of the bench
class Observer {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver ??= Observer as unknown as typeof ResizeObserver;
if (typeof window !== "undefined")
  window.matchMedia ??= ((query: string) => ({
    matches: false,
    media: query,
    addEventListener() {},
    removeEventListener() {},
  })) as unknown as typeof window.matchMedia;

globalThis.CSS ??= { supports: () => false, escape: (text: string) => text } as unknown as typeof CSS;

// jsdom's files cannot be read by promise
if (typeof FileReader !== "undefined")
  File.prototype.text = function text(this: File) {
    return new Promise((resolve, reject) => {
      const reader = new FileReader();
      reader.onload = () => resolve(String(reader.result));
      reader.onerror = () => reject(reader.error);
      reader.readAsText(this);
    });
  };
