import { Box } from "@chakra-ui/react";
import { type ReactNode, useEffect, useLayoutEffect, useState } from "react";
import { recessPath } from "./recess";
import { ink } from "./theme";
import { useWidth } from "./useWidth";

type Props = { children: ReactNode /** what is seated: changes when it does */; seat: string; depth?: number };

/** A row of words on a rule; the one marked data-seated sits in the recess. */
export function RecessRow({ children, seat, depth = 7 }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const [span, setSpan] = useState<[number, number] | null>(null);
  const [fonts, setFonts] = useState(0);
  // words are as wide as their letters, and those may come late
  useEffect(() => {
    const came = () => setFonts((many) => many + 1);
    document.fonts?.addEventListener("loadingdone", came);
    return () => document.fonts?.removeEventListener("loadingdone", came);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the seated word moves when the seat, the width or the letters change
  useLayoutEffect(() => {
    const seated = ref.current?.querySelector<HTMLElement>("[data-seated=true]");
    const next: [number, number] | null = seated
      ? [Math.max(4, seated.offsetLeft - 6), Math.min(width - 4, seated.offsetLeft + seated.offsetWidth + 6)]
      : null;
    setSpan((old) => (old?.[0] === next?.[0] && old?.[1] === next?.[1] ? old : next));
  }, [seat, width, fonts]);
  return (
    <Box
      ref={ref}
      position="relative"
      paddingBottom={`${depth + 5}px`}
      css={{ "& [data-seated=true]": { transform: "translateY(5px)" } }}
    >
      {children}
      <Box
        as="svg"
        position="absolute"
        left="0"
        bottom="0"
        width="100%"
        height={`${depth + 4}px`}
        aria-hidden
        overflow="visible"
      >
        <path
          d={span ? recessPath(width, 2, depth, span[0], span[1]) : `M0,2 H${width}`}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="2"
        />
      </Box>
    </Box>
  );
}
