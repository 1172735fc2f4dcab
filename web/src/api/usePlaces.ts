import { useQuery } from "@tanstack/react-query";
import { sessionQuery } from "./queries";

/** Where a layer commonly comes from, in the scale of the cook who is signed in. */
export function usePlaces() {
  return useQuery(sessionQuery).data?.user?.places ?? [];
}
