import { Box, Flex } from "@chakra-ui/react";
import { useInfiniteQuery } from "@tanstack/react-query";
import { actsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";
import { savedAt } from "../../ui/numbers";
import { Part } from "../../ui/Part";

/** What was done in the kitchen by whom, the newest first. */
export function Acts({ kitchen }: { kitchen: string }) {
  const { data, error, fetchNextPage, hasNextPage, isFetchingNextPage, refetch } = useInfiniteQuery(actsQuery(kitchen));
  const acts = data?.pages.flatMap((page) => page.acts);
  return (
    <Part name="What was done">
      {error && (
        <Notice title="This did not come." acts={<Button onClick={() => refetch()}>Try again</Button>}>
          {error.message}
        </Notice>
      )}
      {acts?.length === 0 && (
        <Box paddingTop="8px">Nothing yet. What anybody saves or removes is written down here.</Box>
      )}
      <Box as="ol">
        {acts?.map((one) => (
          <Flex as="li" key={one.id} gap="14px" borderBottom="1px solid {colors.hair}" paddingBlock="5px">
            <Box flex="1" minWidth="0" overflowWrap="anywhere">
              {one.words}
            </Box>
            <Box color="ink2" whiteSpace="nowrap">
              {savedAt(one.doneAt)}
            </Box>
          </Flex>
        ))}
      </Box>
      {hasNextPage && (
        <Button look="plain" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
          Earlier
        </Button>
      )}
    </Part>
  );
}
