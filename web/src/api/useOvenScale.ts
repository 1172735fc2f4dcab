import { useQuery } from "@tanstack/react-query";
import { sessionQuery } from "./queries";

/** How the cook who is signed in likes an oven told. */
export function useOvenScale() {
  return useQuery(sessionQuery).data?.user?.units.temperatures ?? "celsius";
}
