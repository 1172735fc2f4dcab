import { Box, chakra } from "@chakra-ui/react";
import { type CSSProperties, type KeyboardEvent, useEffect, useId, useRef, useState } from "react";
import { Button } from "./Button";
import { nudged, type ReadResult } from "./entry";
import { track } from "./pending";

type Props<T> = {
  /** what is entered, for those who do not see where it stands */
  label: string;
  /** as the cook wrote it */
  words: string;
  read: (words: string) => ReadResult<T> | Promise<ReadResult<T>>;
  /** kept: Enter, or leaving the field */
  keep: (value: T) => void;
  /** told of the words while they are typed, not yet kept; null takes them back */
  preview?: (words: string | null) => void;
  /** a refusal that came from elsewhere, such as the forecast */
  mend?: string;
  strong?: boolean;
  /** nobody said it yet: in italics */
  assumed?: boolean;
  size?: "body" | "page" | "long-page" | "room";
  align?: "left" | "right";
  placeholder?: string;
  list?: string[];
  /** what can be said here, shown where the words were not understood */
  sayings?: string[];
};

const WAIT_MS = 20;

/**
 * An entry edited in place: text with a dotted underline that is a field all along. Enter keeps, Escape returns, arrows
 * move a number by one (with Shift by ten). Words not understood stay as typed, with what to write under them.
 */
export function EntryField<T>(props: Props<T>) {
  const { label, words, read, keep, preview, mend } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const turn = useRef(0);
  // the words being read to be kept: Enter and leaving the field ask for the same, once
  const keeping = useRef<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  // words changed from outside (undo, a way out) win over a half-typed entry
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of the words counts
  useEffect(() => {
    setTyped(null);
    setRefused(null);
  }, [words]);
  useEffect(() => () => clearTimeout(timer.current), []);

  const take = async (text: string) => {
    const mine = ++turn.current;
    const got = await read(text);
    if (mine !== turn.current) return;
    if (!got.ok) return setRefused(got.mend);
    setRefused(null);
    keep(got.value);
    setTyped(null);
  };

  const type = (text: string) => {
    setTyped(text);
    setRefused(null);
    clearTimeout(timer.current);
    if (preview) timer.current = setTimeout(() => preview(text), WAIT_MS);
  };

  const finish = () => {
    clearTimeout(timer.current);
    if (typed === null || keeping.current === typed) return;
    if (typed.trim() === words) {
      giveUp();
      return;
    }
    keeping.current = typed;
    void track(take(typed)).finally(() => {
      keeping.current = null;
    });
  };

  const giveUp = () => {
    clearTimeout(timer.current);
    turn.current++;
    setTyped(null);
    setRefused(null);
    preview?.(null);
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") {
      event.preventDefault();
      finish();
    } else if (event.key === "Escape") {
      event.preventDefault();
      giveUp();
    } else if ((event.key === "ArrowUp" || event.key === "ArrowDown") && !props.list && !event.altKey) {
      event.preventDefault();
      type(nudged(typed ?? words, (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1)));
    }
  };

  const shown = typed ?? words;
  const problem = refused ?? mend;
  return (
    <Box as="span" display="inline-block" maxWidth="100%" verticalAlign="baseline">
      <chakra.input
        id={id}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? `${id}-mend` : undefined}
        value={shown}
        placeholder={props.placeholder}
        list={props.list ? `${id}-list` : undefined}
        autoComplete="off"
        spellCheck={false}
        data-typing={typed !== null}
        onChange={(event) => type(event.target.value)}
        onBlur={finish}
        onKeyDown={onKeyDown}
        onFocus={(event) => event.target.select()}
        {...fieldLook(props.size, props.strong, problem)}
        fontStyle={props.assumed && typed === null ? "italic" : undefined}
        textAlign={props.align ?? "left"}
        style={sizedTo(shown, props.placeholder)}
      />
      {props.list && (
        <datalist id={`${id}-list`}>
          {props.list.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
      {problem && (
        <Box
          as="span"
          id={`${id}-mend`}
          role="status"
          display="block"
          color="ink"
          borderTop="3px solid {colors.rim}"
          paddingTop="2px"
          maxWidth="34ch"
        >
          {problem}
        </Box>
      )}
      {refused !== null && props.sayings && <Sayings label={label} sayings={props.sayings} />}
    </Box>
  );
}

/** One press shows what can be said. */
function Sayings({ label, sayings }: { label: string; sayings: string[] }) {
  const [open, setOpen] = useState(false);
  return (
    <Box as="span" display="block">
      {open ? (
        <Box as="span" display="block" maxWidth="34ch" color="ink2">
          {sayings.map((one) => `"${one}"`).join(", ")}
        </Box>
      ) : (
        <Button
          look="plain"
          minHeight="28px"
          paddingInline="0"
          aria-label={`${label}: what can be said`}
          onClick={() => setOpen(true)}
        >
          What can be said
        </Button>
      )}
    </Box>
  );
}

/** As wide as its words: by the browser where it can, by counting letters where it cannot. */
function sizedTo(shown: string, placeholder = ""): CSSProperties {
  return CSS.supports?.("field-sizing", "content")
    ? ({ fieldSizing: "content", minWidth: "1.5ch" } as CSSProperties)
    : { width: `${Math.max(shown.length, shown === "" ? placeholder.length : 0, 2) + 1}ch` };
}

/** In a room with larger letters an entry is as large as the words around it. */
const FONT = {
  page: { base: "24px", sm: "page" },
  "long-page": { base: "24px", lg: "22px", xl: "24px" },
  body: "body",
  room: "inherit",
} as const;

const fieldLook = (size: Props<unknown>["size"], strong: boolean | undefined, problem: string | undefined | null) =>
  ({
    maxWidth: "100%",
    border: "0",
    borderBottom: problem ? "0" : "1.6px dotted {colors.rim}",
    borderRadius: "0",
    background: "transparent",
    padding: "1px 0 0",
    lineHeight: "1.3",
    textOverflow: "ellipsis",
    minHeight: "25px",
    fontWeight: size?.endsWith("page") ? "680" : strong ? "650" : "430",
    fontSize: FONT[size ?? "body"],
    _hover: { borderBottomStyle: "solid", background: "well" },
    _focus: { borderBottomStyle: "solid", background: "well" },
    _placeholder: { color: "ink3", fontStyle: "italic" },
  }) as const;
