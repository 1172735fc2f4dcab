import { type RefObject, useLayoutEffect, useRef, useState } from "react";

/** The width of an element in px, kept up as it changes; `first` until it has been laid out. */
export function useWidth<E extends HTMLElement>(first: number): [RefObject<E | null>, number] {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const measure = () => {
      const now = Math.round(element.getBoundingClientRect().width);
      if (now > 0) setWidth(now);
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
