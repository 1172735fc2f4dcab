import { Box, chakra, Flex } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { RecipeLine } from "../../api/client";
import { shortName } from "../../food/shortName";
import { grams } from "../../ui/numbers";

type Props = {
  text: string;
  lines: RecipeLine[];
  write: (text: string) => void;
  isKind: boolean;
  /** what can be done about a food that nobody here knows; null for who may store nothing */
  known: ((line: string) => ReactNode) | null;
};

/** The recipe as it was pasted, each line with what was read in it; lines that wait stay where they are. Text is mended in place. */
export function Lines({ text, lines, write, isKind, known }: Props) {
  const [told, setTold] = useState<string[]>([]);
  const waiting = lines.filter((line) => line.kind === "waiting" && !told.includes(line.text));
  const read = lines.length - waiting.length;
  const change = (at: number, to: string) =>
    write(
      lines
        .map((line, index) => (index === at ? to : line.text))
        .filter((line) => line.trim() !== "")
        .join("\n"),
    );
  return (
    <Box as="section" aria-label="The recipe">
      <Flex justify="space-between" borderBottom="1.6px solid {colors.rim}" paddingBottom="6px">
        <Box as="h2" fontWeight="650">
          {isKind ? "What goes in" : "The recipe as pasted"}
        </Box>
        {lines.length > 0 && (
          <Box color="ink2" data-testid="line-count">
            {lines.length} {lines.length === 1 ? "line" : "lines"}: {read} read
            {waiting.length ? `, ${waiting.length} ${waiting.length === 1 ? "waits" : "wait"}` : ""}
          </Box>
        )}
      </Flex>
      <Box as="ol">
        {lines.map((line, at) => (
          <Line
            // biome-ignore lint/suspicious/noArrayIndexKey: a line is what stands in its place
            key={at}
            line={line}
            waits={line.kind === "waiting" && !told.includes(line.text)}
            change={(to) => change(at, to)}
            isWords={() => setTold((before) => [...before, line.text])}
            known={line === waiting[0] && known ? known(line.text) : null}
          />
        ))}
      </Box>
      <Another
        add={(line) => write(text.trim() === "" ? line : `${text.trimEnd()}\n${line}`)}
        first={lines.length === 0}
      />
    </Box>
  );
}

type LineProps = {
  line: RecipeLine;
  waits: boolean;
  change: (to: string) => void;
  isWords: () => void;
  known: ReactNode;
};

function Line({ line, waits, change, isWords, known }: LineProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: as high as its words
  useEffect(() => {
    if (!field.current) return;
    field.current.style.height = "0";
    field.current.style.height = `${field.current.scrollHeight}px`;
  }, [typed, line.text]);
  const keep = () => {
    if (typed !== null && typed !== line.text) change(typed);
    setTyped(null);
  };
  const heading = line.kind === "heading" || line.kind === "title";
  return (
    <Box as="li" borderBottom={waits ? "3px solid {colors.ink}" : undefined} data-kind={line.kind}>
      <Flex gap="12px" align="baseline">
        <chakra.textarea
          ref={field}
          rows={1}
          aria-label={`Line: ${line.text}`}
          value={typed ?? line.text}
          onChange={(event) => setTyped(event.target.value.replaceAll("\n", " "))}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              keep();
            } else if (event.key === "Escape") setTyped(null);
          }}
          spellCheck={false}
          flex="1"
          minWidth="0"
          border="0"
          padding="2px 0"
          background="transparent"
          resize="none"
          overflow="hidden"
          lineHeight="1.45"
          fontWeight={waits || heading ? "650" : "430"}
          color={line.kind === "words" || line.kind === "method" ? "ink2" : "ink"}
          _focus={{ background: "well" }}
          _hover={{ background: "well" }}
        />
        <Box whiteSpace="nowrap" textAlign="right" fontWeight={waits ? "650" : undefined}>
          {waits ? "waits" : <Guesses line={line} />}
        </Box>
      </Flex>
      {waits && (
        <Flex gap="10px" paddingBottom="4px" wrap="wrap" align="baseline">
          <Box color="ink2">No food by that name. Name it otherwise, or</Box>
          <chakra.button
            type="button"
            onClick={isWords}
            background="transparent"
            border="0"
            padding="4px 0"
            color="rim"
            fontWeight="650"
            cursor="pointer"
          >
            only words
          </chakra.button>
        </Flex>
      )}
      {waits && known}
    </Box>
  );
}

const PLACES: Partial<Record<string, string>> = { dough: "in the dough", glaze: "the glaze", beside: "not in the pie" };

/** What the line was taken for: upright where it was said, italic where it is assumed. */
function Guesses({ line }: { line: RecipeLine }) {
  return (
    <>
      {line.named.map((one) => (
        <Box
          key={one.food}
          fontStyle={one.isSaid && one.isSure ? undefined : "italic"}
          color={one.into === "layer" ? undefined : "ink2"}
        >
          {PLACES[one.into] ??
            `${grams((one.nowGrams ?? one.grams) + one.besideGrams)}${line.named.length > 1 || !mentions(line.text, one.name) ? ` ${short(one.name)}` : ""}`}
        </Box>
      ))}
    </>
  );
}

const short = (name: string) => shortName(name).toLowerCase();

/** Whether the line says the name itself; where it does not, the guess is told. */
function mentions(text: string, name: string): boolean {
  const first = short(name).split(" ").at(-1) ?? "";
  return text.toLowerCase().includes(first.slice(0, Math.max(3, first.length - 2)));
}

/** One line more, read when it is kept. */
function Another({ add, first }: { add: (line: string) => void; first: boolean }) {
  const [typed, setTyped] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (first) field.current?.focus();
  }, [first]);
  const keep = () => {
    if (typed.trim() === "") return;
    add(typed.trim());
    setTyped("");
  };
  return (
    <chakra.label display="block" marginTop="10px">
      <Box as="span" display="block" color="ink2">
        {first ? "One thing a line, as you would say it" : "One line more"}
      </Box>
      <chakra.input
        ref={field}
        value={typed}
        placeholder="3 leeks, sweated"
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            keep();
          }
        }}
        width="100%"
        border="0"
        borderBottom="1.6px dotted {colors.rim}"
        background="transparent"
        minHeight="34px"
        _focus={{ background: "well", borderBottomStyle: "solid" }}
        _placeholder={{ color: "ink3", fontStyle: "italic" }}
      />
    </chakra.label>
  );
}
