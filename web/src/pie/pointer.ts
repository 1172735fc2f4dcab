import type { PieDesign } from "../api/client";

/** The design with another value at a JSON pointer; what is not on the way to it stays the same object. */
export function setAt<T>(whole: T, pointer: string, to: unknown): T {
  const [key, ...rest] = pointer.split("/").slice(1);
  if (key === undefined) return to as T;
  const below = rest.length ? `/${rest.join("/")}` : "";
  if (Array.isArray(whole)) {
    const index = Number(key);
    return whole.map((item, i) => (i === index ? setAt(item, below, to) : item)) as T;
  }
  const object = whole as Record<string, unknown>;
  return { ...object, [key]: setAt(object[key], below, to) } as T;
}

/** What stands at a pointer; undefined where there is nothing. */
export const valueAt = (whole: unknown, pointer: string): unknown =>
  pointer
    .split("/")
    .slice(1)
    .reduce((at, key) => (at as Record<string, unknown> | null | undefined)?.[key], whole);

/** With one more at the end of the list at a pointer, as the design stands now and not as it was last drawn. */
export function appended<T>(whole: T, pointer: string, item: unknown): T {
  return setAt(whole, pointer, [...listAt(whole, pointer), item]);
}

/** Without one of the list at a pointer, as the design stands now. */
export function removed<T>(whole: T, pointer: string, index: number): T {
  return setAt(
    whole,
    pointer,
    listAt(whole, pointer).filter((_, i) => i !== index),
  );
}

const listAt = (whole: unknown, pointer: string) => valueAt(whole, pointer) as unknown[];

export function applyChanges(design: PieDesign, changes: { at: string; to?: unknown }[]): PieDesign {
  return changes.reduce((changed, change) => setAt(changed, change.at, change.to), design);
}

/** A layer one place up or down in pouring order. */
export function moved<T>(items: T[], from: number, by: number): T[] {
  const to = from + by;
  const item = items[from];
  if (item === undefined || to < 0 || to >= items.length) return items;
  const others = items.filter((_, index) => index !== from);
  return [...others.slice(0, to), item, ...others.slice(to)];
}
