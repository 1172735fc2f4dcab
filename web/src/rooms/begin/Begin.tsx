import { Box, chakra, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useId, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { beginningsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { OnHand } from "./OnHand";
import { findPasted, keepPasted } from "./pasted";
import { Shelves } from "./Shelves";

const EXAMPLES = "3 leeks, sliced and sweated\n4 eggs and a yolk, 300 ml cream\nbake at 170 for about 40 mins";

/** Ways to begin: a kind, a recipe in any words, or what is there. Nothing is kept until something is in it. */
export default function Begin() {
  const { kitchen = "" } = useParams();
  const navigate = useNavigate();
  const { data: kinds, error, refetch } = useQuery(beginningsQuery(kitchen));
  useEffect(() => {
    document.title = "Ways to begin, Hojaldre";
  }, []);
  return (
    <Box maxWidth="1240px" paddingBottom="60px">
      <Flex gap="4px 24px" align="baseline" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          Ways to begin
        </Box>
        <Box color="ink2">
          Pick a kind, paste a recipe, or tick what is there. Nothing is kept until something is in it.
        </Box>
      </Flex>
      <Grid
        templateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1fr)" }}
        templateAreas={{ base: '"paste" "kinds" "hand"', md: '"kinds kinds" "paste hand"' }}
        gap={{ base: "26px", md: "14px 48px" }}
        alignItems="start"
      >
        <Box gridArea="kinds" minWidth="0">
          {error && (
            <Notice title="The kinds did not come." acts={<Button onClick={() => refetch()}>Try again</Button>}>
              {error.message} A recipe can be pasted all the same.
            </Notice>
          )}
          {kinds && (
            <Shelves
              kinds={kinds}
              begin={(kind) => {
                keepPasted(kitchen, { text: "", kind });
                navigate(`/k/${kitchen}/begin/recipe`);
              }}
            />
          )}
        </Box>
        <Box gridArea="paste" minWidth="0">
          <Paste kitchen={kitchen} />
        </Box>
        <Box gridArea="hand" minWidth="0">
          <OnHand kitchen={kitchen} />
        </Box>
      </Grid>
    </Box>
  );
}

function Paste({ kitchen }: { kitchen: string }) {
  const navigate = useNavigate();
  const id = useId();
  const [text, setText] = useState(() => findPasted(kitchen).text);
  const [mend, setMend] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const read = (words: string) => {
    if (words.trim() === "") return setMend("Nothing is pasted yet. Paste ingredients and method, in any words.");
    keepPasted(kitchen, { text: words, kind: null });
    navigate(`/k/${kitchen}/begin/recipe`);
  };
  return (
    <Box as="section" aria-label="Paste" maxWidth="620px">
      <Flex justify="space-between" align="baseline" gap="12px" wrap="wrap">
        <chakra.label htmlFor={id} fontWeight="650">
          Paste a recipe
        </chakra.label>
        <Box color="ink2">text, or the source of a page</Box>
      </Flex>
      <Box
        marginTop="8px"
        border="2px solid {colors.rim}"
        borderTop="0"
        borderRadius="0 0 3px 3px"
        background="well"
        position="relative"
        css={{
          "&::before, &::after": {
            content: '""',
            position: "absolute",
            top: 0,
            width: "8px",
            borderTop: "2px solid {colors.rim}",
          },
          "&::before": { left: "-8px" },
          "&::after": { right: "-8px" },
        }}
      >
        <chakra.textarea
          id={id}
          value={text}
          placeholder={EXAMPLES}
          aria-invalid={mend ? true : undefined}
          aria-describedby={mend ? `${id}-mend` : undefined}
          spellCheck={false}
          onChange={(event) => {
            setText(event.target.value);
            setMend("");
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) read(text);
          }}
          display="block"
          width="100%"
          minHeight={{ base: "96px", sm: "120px" }}
          padding="12px 16px"
          background="transparent"
          border="0"
          lineHeight="28px"
          resize="vertical"
          _placeholder={{ color: "ink3", fontStyle: "italic" }}
        />
      </Box>
      {mend && (
        <Box id={`${id}-mend`} role="status" borderTop="3px solid {colors.rim}" marginTop="6px">
          {mend}
        </Box>
      )}
      <Flex gap="8px 14px" align="center" wrap="wrap" marginTop="14px">
        <Button look="filled" onClick={() => read(text)}>
          Read it
        </Button>
        <Button onClick={() => file.current?.click()}>Open a file</Button>
        <chakra.input
          ref={file}
          type="file"
          hidden
          accept=".txt,.md,.html,.htm,.json,.jsonld,text/*,application/json,application/ld+json"
          aria-label="A file with a recipe"
          onChange={async (event) => {
            const chosen = event.target.files?.[0];
            if (chosen) read(await chosen.text());
          }}
        />
        <Box color="ink2">What is not understood stays and waits.</Box>
      </Flex>
    </Box>
  );
}
