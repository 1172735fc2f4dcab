import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { bookQuery } from "../../api/bookQueries";
import type { BakeBook } from "../../api/client";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { RecessRow } from "../../ui/RecessRow";
import { Learned } from "./Learned";
import { Row } from "./Row";
import { dayOf, TAPS } from "./words";

const PAGE = 25;

/** Every bake: as designed, as done, as judged; and what the kitchen has learned. */
export default function Book() {
  const { kitchen = "" } = useParams();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const find = search.get("find") ?? "";
  const which = search.get("which") ?? "all";
  const page = Number(search.get("page") ?? 0);
  const beside = search.get("beside");
  const { data, error, refetch } = useQuery(bookQuery(kitchen, find, which, page));
  useEffect(() => {
    document.title = "Bake book, Hojaldre";
  }, []);
  const put = (to: Record<string, string | null>) =>
    setSearch(
      (now) => {
        for (const [name, value] of Object.entries(to)) {
          if (value) now.set(name, value);
          else now.delete(name);
        }
        return now;
      },
      { replace: true },
    );
  const choose = (id: string) => {
    if (beside === "choose") put({ beside: id });
    else if (beside === id) put({ beside: "choose" });
    else navigate(`/k/${kitchen}/book/${beside}/beside/${id}`);
  };
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1fr) 340px" }}
      gap="20px 44px"
      paddingTop="16px"
      paddingBottom="60px"
    >
      <Box minWidth="0">
        <Flex align="baseline" gap="4px 18px" wrap="wrap">
          <Box as="h1" fontSize="page" fontWeight="680">
            Bake book
          </Box>
          {data && <Span book={data} />}
          <chakra.label marginLeft="auto" display="flex" gap="10px" alignItems="baseline" fontWeight="650">
            Find
            <chakra.input
              defaultValue={find}
              placeholder="leeks, soggy, static oven"
              onChange={(event) => put({ find: event.target.value, page: null })}
              background="transparent"
              border="0"
              borderBottom="2px dotted {colors.rim}"
              width="230px"
              minHeight="34px"
              fontWeight="430"
              _placeholder={{ color: "ink3", fontStyle: "italic" }}
            />
          </chakra.label>
        </Flex>
        {data && (
          <Filters book={data} which={which} choose={(to) => put({ which: to === "all" ? null : to, page: null })} />
        )}
        <Flex justify="flex-end" align="center" gap="4px 16px" wrap="wrap">
          <Link to={`/k/${kitchen}/book/trials`} style={{ fontWeight: 650 }}>
            Trials
          </Link>
          {data && data.found > 1 && (
            <Button look="plain" onClick={() => put({ beside: beside ? null : "choose" })}>
              {beside ? "One at a time" : "Two side by side"}
            </Button>
          )}
        </Flex>
        {beside && <Box role="status">Tick two bakes to see them side by side.</Box>}
        {error && (
          <Notice title="The book did not open." acts={<Button onClick={() => refetch()}>Try again</Button>}>
            {error.message}
          </Notice>
        )}
        {!data && !error && <Box role="status">Opening the book</Box>}
        {data && data.bakes.length > 0 && <Heads />}
        {data?.bakes.map((bake) => (
          <Row
            key={bake.id}
            kitchen={kitchen}
            bake={bake}
            chosen={beside ? beside === bake.id : null}
            choose={() => choose(bake.id)}
          />
        ))}
        {data?.found === 0 && <Nothing kitchen={kitchen} isEmpty={data.filters[0]?.count === 0} />}
        {data && <Pages found={data.found} page={page} turn={(to) => put({ page: to ? String(to) : null })} />}
      </Box>
      <Learned kitchen={kitchen} book={data ?? null} />
    </Box>
  );
}

function Span({ book }: { book: BakeBook }) {
  const all = book.filters[0]?.count ?? 0;
  if (!book.firstAt || !book.lastAt) return null;
  return (
    <Box color="ink2">
      {all} {all === 1 ? "bake" : "bakes"}, {dayOf(book.firstAt)} to {dayOf(book.lastAt)}
    </Box>
  );
}

const NAMES: Record<string, string> = { all: "all", "to-judge": "to judge", wrong: "went wrong" };

/** What the columns are; on a narrow screen each says it by itself. */
function Heads() {
  return (
    <Box
      aria-hidden="true"
      display={{ base: "none", md: "grid" }}
      gridTemplateColumns="104px minmax(0,1fr) 140px 300px"
      gap="4px 14px"
      fontSize="scale"
      color="ink2"
    >
      <span />
      <span />
      <span>bake, minutes</span>
      <Box display="grid" gridTemplateColumns="repeat(4, minmax(0,1fr))" gap="4px">
        {TAPS.map((tap) => (
          <span key={tap.key}>{tap.name.toLowerCase()}</span>
        ))}
      </Box>
    </Box>
  );
}

/** One rule, the chosen part in the recess, each with its count. */
function Filters({ book, which, choose }: { book: BakeBook; which: string; choose: (to: string) => void }) {
  return (
    <Box overflowX="auto" overflowY="hidden" paddingTop="8px">
      <RecessRow seat={`${which}${book.filters.length}`}>
        <Flex gap="24px" minWidth="max-content">
          {book.filters.map((one) => (
            <chakra.button
              key={one.which}
              data-seated={one.which === which}
              aria-pressed={one.which === which}
              onClick={() => choose(one.which)}
              background="none"
              border="0"
              minHeight="34px"
              cursor="pointer"
              color={one.which === which ? "ink" : "ink2"}
              fontWeight={one.which === which ? "680" : "430"}
            >
              {NAMES[one.which] ?? one.name.split(/,| and /)[0]?.toLowerCase()} {one.count}
            </chakra.button>
          ))}
        </Flex>
      </RecessRow>
    </Box>
  );
}

function Nothing({ kitchen, isEmpty }: { kitchen: string; isEmpty: boolean }) {
  return (
    <Box paddingTop="20px">
      {isEmpty ? (
        <>
          No bake is in the book yet. What comes out of the oven stands here by itself: begin{" "}
          <Link to={`/k/${kitchen}/oven`}>at the oven</Link>.
        </>
      ) : (
        "No bake has all of these words."
      )}
    </Box>
  );
}

function Pages({ found, page, turn }: { found: number; page: number; turn: (to: number) => void }) {
  const last = Math.max(0, Math.ceil(found / PAGE) - 1);
  if (last === 0) return null;
  return (
    <Flex as="nav" aria-label="Pages" gap="14px" align="center" paddingTop="14px">
      <Button disabled={page === 0} onClick={() => turn(page - 1)}>
        Newer
      </Button>
      <span>
        {page + 1} of {last + 1}
      </span>
      <Button disabled={page >= last} onClick={() => turn(page + 1)}>
        Older
      </Button>
    </Flex>
  );
}
