import { useQuery } from "@tanstack/react-query";
import { sessionQuery } from "./queries";

/** Whether whoever is signed in may store anything in this kitchen: all but its guests. */
export function useMayWrite(kitchen: string): boolean {
  return useQuery(sessionQuery).data?.kitchens.find((one) => one.id === kitchen)?.role !== "guest";
}
