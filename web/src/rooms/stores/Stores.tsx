import { Box, Flex } from "@chakra-ui/react";
import { useEffect } from "react";
import { useParams } from "react-router";
import { useMayWrite } from "../../api/useMayWrite";
import { Notice } from "../../ui/Notice";
import { Said } from "../../ui/Said";
import { Foods } from "./Foods";
import { Keeps } from "./Keeps";
import { Ovens } from "./Ovens";
import { Tins } from "./Tins";
import { useStores } from "./useStores";

/** What the kitchen has: its foods with their prices, its tins, its ovens and how they lie, its fridge and freezer. */
export default function StoresRoom() {
  const { kitchen = "" } = useParams();
  const stores = useStores(kitchen);
  const mayWrite = useMayWrite(kitchen);
  useEffect(() => {
    document.title = "Stores, Hojaldre";
  }, []);
  return (
    <Box maxWidth="1180px" paddingBottom="60px">
      <Flex gap="10px 20px" align="center" wrap="wrap" paddingBlock="16px 14px">
        <Box as="h1" fontSize={{ base: "24px", sm: "page" }} fontWeight="680">
          Stores
        </Box>
        <Said said={stores.said} />
      </Flex>
      {!mayWrite && <Notice title="You are a guest here.">Look around; only cooks write into the stores.</Notice>}
      {stores.trouble && <Notice title="That was not saved. Nothing was changed.">{stores.trouble.mend}</Notice>}
      <Box
        display="grid"
        gridTemplateColumns={{ base: "minmax(0,1fr)", md: "minmax(0,1.5fr) minmax(0,1fr)" }}
        gap="28px 48px"
      >
        <Foods kitchen={kitchen} stores={stores} mayWrite={mayWrite} />
        <Box>
          <Tins kitchen={kitchen} stores={stores} mayWrite={mayWrite} />
          <Ovens kitchen={kitchen} stores={stores} mayWrite={mayWrite} />
          <Keeps kitchen={kitchen} mayWrite={mayWrite} />
        </Box>
      </Box>
    </Box>
  );
}
