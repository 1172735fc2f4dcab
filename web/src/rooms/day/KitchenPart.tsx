import { Box, Flex } from "@chakra-ui/react";
import type { Day, DayKitchen, DayOven } from "../../api/client";
import { readFigure } from "../../api/words";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { readText, readWhole } from "../../ui/entry";
import { number } from "../../ui/numbers";
import { Part } from "../../ui/Part";
import { readClock, sayClock } from "./clock";

type Props = { kitchen: string; day: Day; change: (by: (day: Day) => Day) => void; pace: string[] };

const FROM = 360;
const TO = 1080;
const EVENING: [number, number] = [-360, -180];

type To = (by: (one: DayKitchen) => DayKitchen) => void;

/** Who works and when, and what there is to work with. */
export function KitchenPart({ kitchen, day, change, pace }: Props) {
  const to: To = (by) => change((now) => ({ ...now, kitchen: by(now.kitchen) }));
  const { cooks, ovens } = day.kitchen;
  return (
    <Part name="Hands and ovens">
      <Box as="ul">
        {cooks.map((_, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a cook is a place in the list
          <CookLine key={at} at={at} cooks={cooks} to={to} />
        ))}
        {ovens.map((one) => (
          <OvenLine key={one.id} kitchen={kitchen} one={one} isOnly={ovens.length === 1} to={to} />
        ))}
      </Box>
      <Flex gap="6px" wrap="wrap">
        <Button
          look="plain"
          minHeight="44px"
          onClick={() =>
            to((one) => ({
              ...one,
              cooks: [
                ...one.cooks,
                {
                  name: `Hands ${one.cooks.length + 1}`,
                  hours: one.cooks[0]?.hours ?? [{ fromMinute: FROM, toMinute: TO }],
                },
              ],
            }))
          }
        >
          One more pair of hands
        </Button>
        <Button
          look="plain"
          minHeight="44px"
          onClick={() => to((one) => ({ ...one, ovens: [...one.ovens, anotherOven(one.ovens)] }))}
        >
          One more oven
        </Button>
      </Flex>
      <Room {...{ day, change, to }} />
      {pace.length > 0 && <Box paddingTop="4px">As your marks tell: {pace.join(", ")}.</Box>}
    </Part>
  );
}

/** Rings, mixers, room to chill and to cool, and what is to spare. */
function Room({ day, change, to }: Omit<Props, "kitchen" | "pace"> & { to: To }) {
  const counted = (label: string, key: "rings" | "mixers" | "fridgeTins" | "rackTins", most: number) => (
    <EntryField
      label={label}
      words={String(day.kitchen[key])}
      read={(words) => readWhole(words, 1, most)}
      keep={(value) => to((one) => ({ ...one, [key]: value }))}
    />
  );
  return (
    <Box paddingTop="4px">
      The hob has {counted("Rings of the hob", "rings", 20)} rings; mixers and processors:{" "}
      {counted("Mixers and processors", "mixers", 10)}. In the fridge is room for{" "}
      {counted("Room in the fridge", "fridgeTins", 400)} tins, on racks for {counted("Room on racks", "rackTins", 400)}.
      Each pie is to be ready{" "}
      <EntryField
        label="Minutes to spare"
        words={`${day.spareMinutes} min`}
        read={(words) => readWhole(words.replace(/\s*min$/, ""), 0, 120)}
        keep={(spareMinutes) => change((now) => ({ ...now, spareMinutes }))}
      />{" "}
      before it is wanted.
    </Box>
  );
}

const LINE = {
  as: "li",
  gap: "2px 14px",
  align: "center",
  wrap: "wrap",
  borderBottom: "1.4px solid {colors.hair}",
  paddingBlock: "5px",
} as const;

function CookLine({ at, cooks, to }: { at: number; cooks: DayKitchen["cooks"]; to: To }) {
  const cook = cooks[at] as DayKitchen["cooks"][number];
  const changed = (by: (one: typeof cook) => typeof cook) => to((one) => cookChanged(one, at, by));
  return (
    <Flex {...LINE}>
      <Box flex="0 1 150px">
        <EntryField
          label={`Name of the ${at + 1}. pair of hands`}
          strong
          words={cook.name}
          read={(words) => readText(words, 1, 60)}
          keep={(name) => changed((of) => ({ ...of, name }))}
        />
      </Box>
      {cook.hours.map((hours, place) => {
        const again = place ? ` again (${place + 1})` : "";
        const entry = (label: string, minute: number, keep: (value: number) => void) => (
          <EntryField label={label} words={sayClock(minute)} read={(words) => readClock(words, true)} keep={keep} />
        );
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: hours are places in the list
          <Box key={place} whiteSpace="nowrap">
            {entry(`${cook.name} comes${again}`, hours.fromMinute, (fromMinute) =>
              to((one) => hoursChanged(one, at, place, { fromMinute })),
            )}{" "}
            to{" "}
            {entry(`${cook.name} goes${again}`, hours.toMinute, (toMinute) =>
              to((one) => hoursChanged(one, at, place, { toMinute })),
            )}
          </Box>
        );
      })}
      {!cook.hours.some((hours) => hours.fromMinute < 0) && (
        <Button
          look="plain"
          onClick={() =>
            changed((of) => ({ ...of, hours: [{ fromMinute: EVENING[0], toMinute: EVENING[1] }, ...of.hours] }))
          }
        >
          The evening before too
        </Button>
      )}
      {cook.hours.length > 1 && (
        <Button look="plain" onClick={() => changed((of) => ({ ...of, hours: of.hours.slice(1) }))}>
          Only the day itself
        </Button>
      )}
      {cooks.length > 1 && (
        <Button
          look="plain"
          aria-label={`Without ${cook.name}`}
          onClick={() => to((one) => ({ ...one, cooks: one.cooks.filter((_, i) => i !== at) }))}
        >
          Take out
        </Button>
      )}
    </Flex>
  );
}

function OvenLine({ kitchen, one, isOnly, to }: { kitchen: string; one: DayOven; isOnly: boolean; to: To }) {
  const changed = (by: (of: DayOven) => DayOven) =>
    to((all) => ({ ...all, ovens: all.ovens.map((of) => (of.id === one.id ? by(of) : of)) }));
  return (
    <Flex {...LINE}>
      <Box flex="0 1 150px">
        <EntryField
          label={`Name of the oven ${one.name}`}
          strong
          words={one.name}
          read={(words) => readText(words, 1, 60)}
          keep={(name) => changed((of) => ({ ...of, name }))}
        />
      </Box>
      <Box flex="1 1 240px">
        {one.mode === "fan" ? "fan" : "static"},{" "}
        <EntryField
          label={`Shelves of ${one.name}`}
          words={String(one.shelves)}
          read={(words) => readWhole(words, 1, 12)}
          keep={(shelves) => changed((of) => ({ ...of, shelves }))}
        />{" "}
        {one.shelves === 1 ? "shelf" : "shelves"} of{" "}
        <EntryField
          label={`Width of a shelf of ${one.name}`}
          words={`${number(one.widthMm / 10)} cm`}
          read={readFigure(kitchen, "length")}
          keep={(widthMm) => changed((of) => ({ ...of, widthMm }))}
        />{" "}
        by{" "}
        <EntryField
          label={`Depth of a shelf of ${one.name}`}
          words={`${number(one.depthMm / 10)} cm`}
          read={readFigure(kitchen, "length")}
          keep={(depthMm) => changed((of) => ({ ...of, depthMm }))}
        />
        ; pies up to{" "}
        <EntryField
          label={`Degrees apart that may share ${one.name}`}
          words={String(one.toleranceKelvins)}
          read={(words) => readWhole(words, 0, 25)}
          keep={(toleranceKelvins) => changed((of) => ({ ...of, toleranceKelvins }))}
        />{" "}
        °C apart may share it
      </Box>
      {!isOnly && (
        <Button
          look="plain"
          aria-label={`Without ${one.name}`}
          onClick={() => to((all) => ({ ...all, ovens: all.ovens.filter((of) => of.id !== one.id) }))}
        >
          Take out
        </Button>
      )}
    </Flex>
  );
}

const cookChanged = (
  kitchen: DayKitchen,
  at: number,
  by: (cook: DayKitchen["cooks"][number]) => DayKitchen["cooks"][number],
): DayKitchen => ({
  ...kitchen,
  cooks: kitchen.cooks.map((cook, i) => (i === at ? by(cook) : cook)),
});

const hoursChanged = (
  kitchen: DayKitchen,
  at: number,
  place: number,
  to: Partial<{ fromMinute: number; toMinute: number }>,
) =>
  cookChanged(kitchen, at, (cook) => ({
    ...cook,
    hours: cook.hours.map((hours, i) => (i === place ? { ...hours, ...to } : hours)),
  }));

function anotherOven(ovens: DayOven[]): DayOven {
  let at = ovens.length + 1;
  while (ovens.some((one) => one.id === `oven-${at}`)) at++;
  return { ...(ovens[0] as DayOven), id: `oven-${at}`, name: `Oven ${at}`, mode: "static", runsByKelvins: 0 };
}
