import { Box, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import type { Day } from "../../api/client";
import { dayPlanQuery, dayQuery } from "../../api/dayQueries";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { day as dateSaid } from "../../ui/numbers";
import { actsOf } from "./ActsList";
import { sayClock } from "./clock";
import { wishOf } from "./usePlan";

/** One page a cook, to be printed. */
export default function DayPaper() {
  const { kitchen = "", day = "" } = useParams();
  const stored = useQuery(dayQuery(kitchen, day));
  const plan = useQuery({
    ...dayPlanQuery(
      kitchen,
      wishOf(stored.data?.day as Day, {
        batch: stored.data?.batch ?? null,
        stored: day,
        nowMinute: null,
        isAsTold: false,
      }),
      "paper",
    ),
    enabled: stored.data !== undefined,
  });
  useEffect(() => {
    document.title = "A page for each cook, Hojaldre";
  }, []);
  const error = stored.error ?? plan.error;
  if (error) return <Notice title="The pages did not open.">{error.message}</Notice>;
  if (!stored.data || !plan.data) {
    return (
      <Box paddingTop="20px" role="status">
        Opening the pages
      </Box>
    );
  }
  const data = plan.data;
  return (
    <Box maxWidth="900px" paddingBottom="60px">
      <Box className="not-printed" paddingBlock="12px">
        <Button look="filled" onClick={() => window.print()}>
          Print
        </Button>{" "}
        <Link to={`/k/${kitchen}/days/${day}`}>Back to the day</Link>
      </Box>
      {stored.data.day.kitchen.cooks.map((cook, at) => (
        <Box
          as="section"
          // biome-ignore lint/suspicious/noArrayIndexKey: a cook is a place in the list
          key={at}
          aria-label={`Page for ${cook.name}`}
          css={{ breakAfter: "page", breakInside: "auto" }}
          paddingBottom="30px"
        >
          <Box as="h1" fontSize="page" fontWeight="680">
            {cook.name}
          </Box>
          <Box color="ink2" borderBottom="2px solid {colors.rim}" paddingBottom="4px">
            {stored.data.day.name}, {dateSaid(stored.data.day.date)}
          </Box>
          <chakra.table
            width="100%"
            css={{
              borderCollapse: "collapse",
              "& td": { padding: "4px 10px 4px 0", verticalAlign: "top", borderBottom: "1px solid {colors.hair}" },
            }}
          >
            <tbody>
              {actsOf(data, at).map((act, place) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the same act may come twice
                <tr key={place}>
                  <chakra.td fontWeight="650" whiteSpace="nowrap">
                    {sayClock(act.fromMinute)}
                  </chakra.td>
                  <td>
                    {act.title}
                    <Box color="ink2" fontSize="scale">
                      {act.says.join(" ")}
                    </Box>
                  </td>
                </tr>
              ))}
            </tbody>
          </chakra.table>
        </Box>
      ))}
    </Box>
  );
}
