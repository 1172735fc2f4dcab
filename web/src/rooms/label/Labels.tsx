import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { bakeQuery, labelQuery } from "../../api/bookQueries";
import { ApiProblem, answer, api, type LabelWish, mendAt, type PieDesign, problemOf } from "../../api/client";
import { cardQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { DateEntry } from "../../ui/DateEntry";
import { EntryField } from "../../ui/EntryField";
import { readWhole } from "../../ui/entry";
import { Notice } from "../../ui/Notice";
import { today } from "../../ui/numbers";
import { RecessChoice } from "../../ui/RecessChoice";
import { Paper } from "./Paper";

const SOLD = [
  ["chilled", "chilled"],
  ["frozen", "frozen"],
  ["unbaked-frozen", "frozen, unbaked"],
] as const;

const LAID = [
  ["sheet", "sheets of A4"],
  ["single", "one to a page"],
] as const;

const MOST = 200;

/** Labels of a pie as it was last saved, or of a bake: what is in it, allergens in bold, use-by, how to keep and eat it. */
export default function Labels() {
  const { kitchen = "", pie, bake = "" } = useParams();
  const ofPie = useQuery({ ...cardQuery(kitchen, pie ?? ""), enabled: pie !== undefined });
  const ofBake = useQuery({ ...bakeQuery(kitchen, bake), enabled: pie === undefined });
  const design = ofPie.data?.design ?? ofBake.data?.design;
  useEffect(() => {
    document.title = design ? `${design.name}, labels, Hojaldre` : "Labels, Hojaldre";
  }, [design]);
  const error = ofPie.error ?? ofBake.error;
  if (error) {
    return (
      <Box paddingTop="20px">
        <Notice title="These labels did not open.">
          {error.message} <Link to={`/k/${kitchen}/book`}>Bake book</Link>
        </Notice>
      </Box>
    );
  }
  if (!design) return <Box role="status">Opening the labels</Box>;
  const outAt = ofBake.data?.bake.outAt;
  return (
    <Sheet
      kitchen={kitchen}
      design={design}
      back={
        pie ? (
          <Link to={`/k/${kitchen}/bench/${pie}`}>Back to the bench</Link>
        ) : (
          <Link to={`/k/${kitchen}/book/${bake}`}>Back to the bake</Link>
        )
      }
      bake={pie === undefined ? bake : null}
      doubt={ofBake.data?.isDoubtful ? ofBake.data.hotEnough : null}
      bakedOn={today(outAt ? new Date(outAt) : undefined)}
    />
  );
}

type Props = {
  kitchen: string;
  design: PieDesign;
  back: React.ReactNode;
  bakedOn: string;
  bake: string | null;
  doubt: string | null;
};

function Sheet({ kitchen, design, back, bakedOn, bake, doubt }: Props) {
  const [cooledInPortions, setPortions] = useState(false);
  const [soldAs, setSoldAs] = useState<LabelWish["soldAs"]>("chilled");
  const [madeOn, setMadeOn] = useState(bakedOn);
  const [count, setCount] = useState(design.portions);
  const [laid, setLaid] = useState<(typeof LAID)[number][0]>("sheet");
  const wish = { design, soldAs, madeOn, bake, cooledInPortions };
  const { data, error, isPlaceholderData } = useQuery({ ...labelQuery(kitchen, wish), enabled: madeOn !== "" });
  const refused = error instanceof ApiProblem ? error.problem : null;
  const isShown = doubt === null && data !== undefined && !data.isPast && !error && madeOn !== "" && !isPlaceholderData;
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: "minmax(0,1fr)", md: "350px minmax(0,1fr)" }}
      gap="24px 48px"
      paddingTop="16px"
      paddingBottom="60px"
      css={{ "@media print": { display: "block", padding: 0 } }}
    >
      <Box className="not-printed">
        <Box as="h1" fontSize="page" fontWeight="680" lineHeight="1.2">
          Labels
        </Box>
        <Box color="ink2" paddingBottom="10px">
          {design.name}
        </Box>
        <Row name="Sold">
          <RecessChoice label="Sold" value={soldAs} options={SOLD} choose={setSoldAs} high={36} />
        </Row>
        {refused && mendAt(refused, "/soldAs") && <Box role="alert">{mendAt(refused, "/soldAs")}</Box>}
        {soldAs !== "unbaked-frozen" &&
          (refused?.refusals?.some((one) => one.code === "cools-too-slowly") || cooledInPortions) && (
            <chakra.label display="flex" gap="8px" alignItems="baseline" minHeight="36px">
              <input
                type="checkbox"
                checked={cooledInPortions}
                onChange={(event) => setPortions(event.target.checked)}
              />
              It was cut in portions, or cooled shallow on a rack, and was below 21 °C within two hours.
            </chakra.label>
          )}
        <Row name={soldAs === "unbaked-frozen" ? "Made on" : "Baked on"}>
          <DateEntry label="Baked or made on" value={madeOn} choose={setMadeOn} />
        </Row>
        {madeOn === "" && <Box role="status">Choose a date: the use-by counts from it.</Box>}
        <Row name="How many">
          <EntryField
            label="How many labels"
            words={String(count)}
            read={(words) => readWhole(words, 1, MOST)}
            keep={setCount}
          />
        </Row>
        <Row name="Laid">
          <RecessChoice label="How they are laid" value={laid} options={LAID} choose={setLaid} high={36} />
        </Row>
        <Flex gap="8px" paddingBlock="16px 12px" wrap="wrap" align="center">
          <Button look="filled" disabled={!isShown} onClick={() => window.print()}>
            Print
          </Button>
          <Pdf kitchen={kitchen} wish={wish} count={count} isSheet={laid === "sheet"} disabled={!isShown} />
          <Box marginLeft="auto">{back}</Box>
        </Flex>
        <Box color="ink2">
          {data?.checks.map((one) => (
            <Box key={one} color="ink" fontWeight="650" paddingBottom="4px">
              {one}
            </Box>
          ))}
          {data && data.containsOfNine.length > 0 && (
            <Box>In the United States: contains {data.containsOfNine.join(", ")}.</Box>
          )}
          What the tin was greased with, and a "may contain" of your packets and your kitchen, are yours to add. Food
          rules where you sell come first.
        </Box>
      </Box>
      <Box minWidth="0">
        {error && !mendAt(refused, "/soldAs") && <Notice title="No label.">{error.message}</Notice>}
        {!data && !error && madeOn !== "" && <Box role="status">Writing the label</Box>}
        {data?.isPast && !error && !doubt && (
          <Notice title="Its use-by is past.">It is not sold any more, so there is nothing to print.</Notice>
        )}
        {doubt && <Notice title="There are no labels for this bake.">{doubt}</Notice>}
        {data && !error && !doubt && <Paper label={data} count={count} isSheet={laid === "sheet"} />}
      </Box>
    </Box>
  );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Flex
      justify="space-between"
      align="center"
      gap="6px 14px"
      wrap="wrap"
      minHeight="48px"
      borderBottom="1px solid {colors.hair}"
    >
      <Box fontWeight="650">{name}</Box>
      <Box>{children}</Box>
    </Flex>
  );
}

/** The same as a file. */
function Pdf(props: { kitchen: string; wish: LabelWish; count: number; isSheet: boolean; disabled: boolean }) {
  const { kitchen, wish, count, isSheet } = props;
  const [said, setSaid] = useState("");
  const make = async () => {
    setSaid("Making the file");
    try {
      const pdf = await answer<unknown>(
        api.POST("/kitchens/{kitchen}/label-sheets", {
          params: { path: { kitchen } },
          body: { label: wish, count, isSheet },
          parseAs: "blob",
        }),
      );
      const address = URL.createObjectURL(pdf as Blob);
      const link = document.createElement("a");
      link.href = address;
      link.download = `${wish.design.name}, labels.pdf`;
      link.click();
      // the browser has begun to read it by then
      setTimeout(() => URL.revokeObjectURL(address), 60_000);
      setSaid("");
    } catch (thrown) {
      setSaid(problemOf(thrown).mend);
    }
  };
  return (
    <>
      <Button disabled={props.disabled || said === "Making the file"} onClick={() => void make()}>
        As a PDF
      </Button>
      <chakra.span role="status">{said}</chakra.span>
    </>
  );
}
