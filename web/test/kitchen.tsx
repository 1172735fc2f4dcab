import { readFileSync } from "node:fs";
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { fireEvent, render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes } from "react-router";
import { vi } from "vitest";
import type { BakeReport, Food, Forecast, PieDesign, Revision, Section } from "../src/api/client";
import { system } from "../src/ui/theme";

/** The demo quiche as the API would hand it out. */
export function trout(): PieDesign {
  return JSON.parse(readFileSync("database/data/demo/smoked-trout-and-leek-quiche.json", "utf8")) as PieDesign;
}

export const revision = (number: number): Revision => ({
  number,
  name: "Smoked trout and leek quiche",
  savedBy: "Ada Quill",
  savedAt: "2026-11-25T10:42:00Z",
});

/** A half section of the commonest tin, nothing drawn in it. */
export const section: Section = {
  form: "open",
  fold: null,
  lid: null,
  across: "",
  tin: {
    depthMm: 35,
    floorRadiusMm: 120,
    rimRadiusMm: 120,
    crustMm: 3,
    linedFloorRadiusMm: 117,
    linedRimRadiusMm: 117,
  },
  layers: [],
  custardLineMm: 30,
  fillTopMm: 30,
  headroomMm: 5,
};

/** A bake of two stages; its figures are only there to be shown. */
export const bakeReport: BakeReport = {
  minutes: 44,
  setsAtCelsius: 78,
  safeCelsius: 71,
  stages: [
    {
      name: "weighted",
      from: 0,
      to: 15,
      ovenCelsius: 190,
      oven: "190 °C",
      mode: "static",
      look: "Rim pale; base dull.",
    },
    { name: "bake", from: 15, to: 59, ovenCelsius: 175, oven: "175 °C", mode: "static", look: "" },
    { name: "rest", from: 59, to: 79, ovenCelsius: null, oven: "", mode: null, look: "" },
  ],
  events: [
    { name: "safe", title: "safe", minute: 36, low: 32, high: 40, isInPlan: true, cue: "A probe reads 71 °C or more." },
    {
      name: "time-to-look",
      title: "take it out",
      minute: 41,
      low: 37,
      high: 45,
      isInPlan: true,
      cue: "It moves as one piece.",
    },
    { name: "golden", title: "golden", minute: 47, low: 40, high: 54, isInPlan: false, cue: "Even gold all over." },
  ],
  curves: {
    minutes: [0, 22, 44],
    centre: [10, 45, 80],
    edge: [11, 70, 99],
    base: [24, 80, 108],
    rim: [30, 100, 122],
    baseRatio: [0.1, 0.15, 0.15],
  },
  colours: [
    { where: "top", brown: 0.95, word: "golden" },
    { where: "rim", brown: 1.3, word: "golden" },
  ],
  lostGrams: 53,
  carriesOverKelvins: 3,
  soakMm: 0,
  cooling: {
    below57Minutes: 50,
    below21Minutes: 150,
    below5Minutes: 370,
    isWithinLimits: true,
    says: "An hour on a rack.",
  },
};

/** A forecast with one reading in trouble; its figures are only there to be shown. */
export function forecast(change: Partial<Forecast> = {}): Forecast {
  const reading = (name: Forecast["readings"][number]["name"]): Forecast["readings"][number] => ({
    name,
    title: name.charAt(0).toUpperCase() + name.slice(1),
    unit: "%",
    shortUnit: "%",
    decimals: 0,
    value: 10,
    low: 8,
    high: 12,
    limits: { lower: null, lowerName: "", upper: 14, upperName: "dry to" },
    scale: { from: 0, to: 28 },
    words: [],
    between: "",
    wished: null,
    state: "inside",
    verdict: "fine",
    reason: `The reason of ${name}.`,
  });
  return {
    name: "Smoked trout and leek quiche",
    readings: [reading("custard"), reading("set"), reading("base"), reading("salt"), reading("fill"), reading("safe")],
    weights: {
      crustGrams: 249,
      fillingGrams: 1179,
      intoTheOvenGrams: 1428,
      portionGrams: 178,
      portions: "8 slices of 178 g",
    },
    bake: bakeReport,
    ledger: {
      layers: [
        {
          id: "leeks",
          stepLossesGrams: [135],
          boughtGrams: 450,
          drivenOffGrams: 135,
          nowGrams: 315,
          floorGrams: 279,
          weepGrams: 36,
          boundGrams: 0,
          freeGrams: 36,
          intoBaseGrams: 8,
        },
      ],
      looseGrams: 36,
      absorbedGrams: 0,
      freeGrams: 36,
      intoBaseGrams: 8,
      intoFillingGrams: 28,
    },
    salt: {
      grams: 11.5,
      portionGrams: 1.4,
      sources: [
        { name: "Fine salt", grams: 6 },
        { name: "Leeks", grams: 0.2 },
      ],
    },
    section,
    tinLabel: "24 cm straight tin, 3.5 cm deep",
    dials: [],
    allergens: ["egg", "milk"],
    assumptions: ["Assumed."],
    cautions: ["Local food rules come first."],
    warnings: [],
    allergenChecks: [],
    ...change,
  };
}

export const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { "Content-Type": status < 400 ? "application/json" : "application/problem+json" },
  });

export const problem = (status: number, code: string, more: object = {}) =>
  json(
    {
      type: "about:blank",
      title: code,
      status,
      code,
      at: "",
      mend: `Mend of ${code}.`,
      refusals: [],
      retryAfterSeconds: null,
      revision: null,
      ...more,
    },
    status,
  );

// biome-ignore lint/suspicious/noExplicitAny: each test knows what is sent
type Answer = (body: any) => Response | Promise<Response>;

/** A server that answers "METHOD path-ending" as it is told and remembers what it was asked. */
export function server(answers: Record<string, Answer>) {
  const asked: { what: string; body: unknown; token: string | null }[] = [];
  vi.stubGlobal(
    "fetch",
    vi.fn(async (input: Request | string) => {
      const request = input instanceof Request ? input : new Request(new URL(input, "http://kitchen.test"));
      const text = request.method === "GET" ? "" : await request.clone().text();
      const what = `${request.method} ${new URL(request.url).pathname}`;
      const isFile = request.headers.get("Content-Type")?.includes("json") === false;
      const body = text === "" ? null : isFile ? text : JSON.parse(text);
      asked.push({ what, body, token: request.headers.get("X-CSRF-TOKEN") });
      const key = Object.keys(answers).find(
        (one) => what.startsWith(one.split(" ")[0] ?? "") && what.endsWith(one.split(" ")[1] ?? ""),
      );
      if (!key) throw new TypeError(`Nobody answers ${what}.`);
      return (answers[key] as Answer)(body);
    }),
  );
  return asked;
}

export function wrapper({ children }: { children: ReactNode }) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <MemoryRouter>{children}</MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>
  );
}

/** Who is signed in, with what role in the kitchen "k". */
export const session = (role: "owner" | "cook" | "guest" = "owner") => ({
  csrfToken: "t",
  user: {
    name: "Ada",
    email: "ada@kitchen.example",
    units: { volumes: "metric", temperatures: "celsius", eggs: "eu" },
    ovenWords: [],
    places: [],
  },
  kitchens: [{ id: "k", name: "The Weir House", role }],
});

/** A room at its address; `path` as the router has it, other addresses say where they are. */
export function showAt(path: string, at: string, room: ReactNode) {
  return render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter initialEntries={[at]}>
          <Routes>
            <Route path={path} element={room} />
            <Route path="*" element={<div>elsewhere</div>} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

/** Words into an entry, kept with Enter. */
export function enter(field: HTMLElement, words: string) {
  fireEvent.change(field, { target: { value: words } });
  fireEvent.keyDown(field, { key: "Enter" });
}

export const show = (node: ReactNode) => render(node, { wrapper });

export const foods = (list: Food[]) => ({
  foods: list.map((food) => ({ food, preparations: [], label: null, pricePerKg: null, fromCelsius: 20, names: [] })),
});
