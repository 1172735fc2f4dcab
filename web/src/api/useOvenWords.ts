import { useQuery } from "@tanstack/react-query";
import { sessionQuery } from "./queries";

/** An oven of so many °C as the cook who is signed in likes it told. */
export function useOvenWords(): (celsius: number) => string {
  const words = useQuery(sessionQuery).data?.user?.ovenWords;
  return (celsius) => words?.[Math.round(celsius)] ?? `${Math.round(celsius)} °C`;
}
