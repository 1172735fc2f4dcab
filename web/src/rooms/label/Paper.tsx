import { Box, chakra } from "@chakra-ui/react";
import type { Label } from "../../api/client";

type Props = { label: Label; count: number; isSheet: boolean };

/** One label as it will be, and on paper as many as are wanted. */
export function Paper({ label, count, isSheet }: Props) {
  return (
    <>
      <Box className="not-printed" maxWidth="600px">
        <One label={label} />
      </Box>
      <Box
        aria-hidden="true"
        display="none"
        css={{
          "@media print": {
            display: isSheet ? "grid" : "block",
            gridTemplateColumns: "repeat(2, 95mm)",
            fontSize: "7.5pt",
            "& > *": { breakInside: "avoid", breakAfter: isSheet ? undefined : "page", width: "95mm" },
          },
        }}
      >
        {Array.from({ length: count }, (_, at) => (
          // labels are all the same
          // biome-ignore lint/suspicious/noArrayIndexKey: their number is all they have
          <div key={at}>
            <One label={label} />
          </div>
        ))}
      </Box>
    </>
  );
}

/** A label is black on white, whatever the screen is. */
function One({ label }: { label: Label }) {
  const isBaked = label.soldAs !== "unbaked-frozen";
  return (
    <Box
      as="article"
      aria-label={`Label of ${label.name}`}
      background="#FFFFFF"
      color="#000000"
      border="1px dotted #777777"
      padding={{ base: "14px 16px" }}
      lineHeight="1.3"
      css={{ "@media print": { padding: "4mm", lineHeight: 1.15 } }}
    >
      <Box fontSize="1.35em" fontWeight="680">
        {label.name}
      </Box>
      <p>
        Ingredients:{" "}
        {label.ingredients.map((run, at) =>
          // words of one text, in its order
          // biome-ignore lint/suspicious/noArrayIndexKey: the order is all they have
          run.isBold ? <strong key={at}>{run.text}</strong> : run.text,
        )}
        .
      </p>
      <p>
        <strong>
          {isBaked ? "Use by" : "Bake by"} {said(label.useBy)}
        </strong>
        {" · "}
        {isBaked ? "Baked" : "Made"} {said(label.madeOn)} · {label.pieceGrams} g
      </p>
      <p>{label.keep.join(" ")}</p>
      <p>{label.eat.join(" ")}</p>
      <chakra.table
        width="100%"
        marginTop="6px"
        css={{
          borderCollapse: "collapse",
          borderTop: "1px solid #000000",
          "& td, & th": { padding: "1px 8px 1px 0", textAlign: "left", fontWeight: "inherit", verticalAlign: "top" },
        }}
      >
        <thead>
          <tr>
            <td />
            <th scope="col">100 g</th>
            <th scope="col">a piece</th>
            <th scope="col">8 pieces in 10</th>
          </tr>
        </thead>
        <tbody>
          {label.nutrients.map((row) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              <td>{row.of100g}</td>
              <td>{row.ofPiece}</td>
              <td>{row.range}</td>
            </tr>
          ))}
        </tbody>
      </chakra.table>
      <p>By calculation from tables.</p>
    </Box>
  );
}

const said = (iso: string) =>
  new Date(`${iso}T12:00:00`).toLocaleDateString("en-GB", {
    weekday: "short",
    day: "numeric",
    month: "short",
    year: "numeric",
  });
