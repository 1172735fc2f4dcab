import { Box } from "@chakra-ui/react";
import { Button } from "../../ui/Button";
import { ink } from "../../ui/theme";

/** No pies yet: the tin with dashed layers, one sentence, one act. */
export function EmptyTin({ mayWrite, begin }: { mayWrite: boolean; begin: () => void }) {
  return (
    <Box paddingTop="24px">
      <svg width="320" height="110" aria-hidden="true">
        <title>An empty tin</title>
        <path d="M8,10 V96 H300 V10" fill="none" stroke={ink("rim")} strokeWidth="3" />
        <path d="M14,34 H294 M14,54 H294 M14,74 H294" stroke={ink("ink3")} strokeWidth="1.2" strokeDasharray="6 5" />
      </svg>
      <Box marginBlock="8px 14px">No pie yet. Begin with the tin and the crust; the rest is poured on the bench.</Box>
      {mayWrite && (
        <Button look="filled" onClick={begin}>
          New pie
        </Button>
      )}
    </Box>
  );
}
