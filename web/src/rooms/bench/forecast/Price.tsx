import { Box } from "@chakra-ui/react";
import { answer, api, type Bill, type Pricing } from "../../../api/client";
import { useWhole } from "../../../api/useWhole";
import { useWrite } from "../../../api/useWrite";
import { EntryField } from "../../../ui/EntryField";
import { type ReadResult, readNumber } from "../../../ui/entry";
import { number } from "../../../ui/numbers";

type Props = { kitchen: string; bill: Bill; mayWrite: boolean };

/** What a portion is sold for, so that so much of the price is left over; the same for all pies of the kitchen. */
export function Price({ kitchen, bill, mayWrite }: Props) {
  const { trouble, write } = useWrite(kitchen);
  const { pricing } = bill;
  const change = useWhole(pricing, (body) =>
    write("bill", answer(api.PUT("/kitchens/{kitchen}/pricing", { params: { path: { kitchen } }, body })), null),
  );
  if (bill.costOfAPortion === null) return null;
  const put = (to: Partial<Pricing>) => void change((now) => ({ ...now, ...to }));
  const other = pricing.otherCost === null ? "" : number(pricing.otherCost, 2);
  const margin = pricing.marginPercent === null ? "" : `${number(pricing.marginPercent)} %`;
  return (
    <Box as="section" aria-label="Selling price" paddingTop="8px">
      <Box>
        To a portion come{" "}
        {mayWrite ? (
          <EntryField
            label="Other cost of a portion"
            words={other}
            placeholder="0.00"
            read={(words) => orNone(words, 0, 10_000, "")}
            keep={(otherCost) => put({ otherCost })}
          />
        ) : (
          other || "0.00"
        )}{" "}
        for hands, heat and box. Of the price{" "}
        {mayWrite ? (
          <EntryField
            label="Margin wanted"
            words={margin}
            placeholder="0 %"
            read={(words) => orNone(words, 0, 95, "%")}
            keep={(marginPercent) => put({ marginPercent })}
          />
        ) : (
          margin || "nothing"
        )}{" "}
        is to be left.
      </Box>
      {bill.priceOfAPortion !== null && (
        <Box fontSize="reading" fontWeight="650">
          Sell a portion for {number(bill.priceOfAPortion, 2)}
          {bill.unpriced > 0 && "; for more once all has a price"}
        </Box>
      )}
      {trouble && <Box role="alert">{trouble.mend}</Box>}
    </Box>
  );
}

/** A number within limits, or nothing. */
function orNone(words: string, from: number, to: number, unit: string): ReadResult<number | null> {
  return words.trim() === "" ? { ok: true, value: null } : readNumber(words, from, to, unit);
}
