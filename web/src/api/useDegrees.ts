import { useQuery } from "@tanstack/react-query";
import { sessionQuery } from "./queries";

/** Heat of food, as the cook tells it: never in gas marks. `bare` leaves the unit to the axis. */
export function useDegrees() {
  const isFahrenheit = useQuery(sessionQuery).data?.user?.units.temperatures === "fahrenheit";
  const unit = isFahrenheit ? "°F" : "°C";
  const bare = (celsius: number) => String(Math.round(isFahrenheit ? celsius * 1.8 + 32 : celsius));
  return { unit, bare, say: (celsius: number) => `${bare(celsius)} ${unit}` };
}
