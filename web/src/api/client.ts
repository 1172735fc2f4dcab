import createClient, { type Middleware } from "openapi-fetch";
import type { components, paths } from "./generated/schema";

type Schemas = components["schemas"];
export type PieDesign = Schemas["PieDesign"];
export type SolidLayer = Schemas["SolidLayer"];
export type ScatteredLayer = Schemas["ScatteredLayer"];
export type Stage = Schemas["Stage"];
export type ShellStage = Schemas["ShellStage"];
export type Preparation = Schemas["Preparation"];
export type Prepare = Schemas["Prepare"];
export type OnHandPie = Schemas["OnHandPie"];
export type PieVerdict = Schemas["PieVerdict"];
export type People = Schemas["People"];
export type Member = Schemas["Member"];
export type Invite = Schemas["Invite"];
export type Role = Schemas["MemberRole"];
export type StoredFood = Schemas["StoredFood"];
export type FoodLabel = Schemas["FoodLabel"];
export type StoredTin = Schemas["StoredTin"];
export type StoredOven = Schemas["StoredOven"];
export type CustardLayer = Schemas["CustardLayer"];
export type Ingredient = Schemas["Ingredient"];
export type Food = Schemas["Food"];
export type Forecast = Schemas["Forecast"];
export type ReadingName = Schemas["ReadingName"];
export type Reading = Schemas["Reading"];
export type WayOut = Schemas["WayOut"];
export type Section = Schemas["Section"];
export type SectionLayer = Schemas["SectionLayer"];
export type Ledger = Schemas["Ledger"];
export type Refusal = Schemas["Refusal"];
export type Problem = Schemas["Problem"];
export type Session = Schemas["Session"];
export type Pie = Schemas["Pie"];
export type PieSummary = Schemas["PieSummary"];
export type Revision = Schemas["Revision"];
export type Scale = Schemas["Scale"];
export type CustardAnswers = Schemas["CustardAnswers"];
export type CustardAnswer = Schemas["CustardAnswer"];
export type Effect = Schemas["Effect"];
export type BakeReport = Schemas["BakeReport"];
export type BakeFilm = Schemas["BakeFilm"];
export type BakeFrame = Schemas["BakeFrame"];
export type WhatIfLever = Schemas["WhatIfWish"]["lever"];
export type WhatIfPoint = Schemas["WhatIfPoint"];
export type Told = Schemas["Told"];
export type Beginning = Schemas["Beginning"];
export type PieKind = Schemas["PieKind"];
export type ReadRecipe = Schemas["ReadRecipe"];
export type RecipeLine = Schemas["RecipeLine"];
export type Question = Schemas["Question"];
export type Entry = Schemas["Entry"];
export type EntryKind = Schemas["EntryKind"];
export type Batch = Schemas["Batch"];
export type BatchLine = Schemas["BatchLine"];
export type StoredBatch = Schemas["StoredBatch"];
export type BatchSummary = Schemas["BatchSummary"];
export type LiningChoice = Schemas["LiningChoice"];
export type DoughChoice = Schemas["DoughChoice"];
export type DoughPlan = Schemas["DoughPlan"];
export type DoughUse = Schemas["DoughUse"];
export type DoughWater = Schemas["DoughWater"];
export type Formula = Schemas["Formula"];
export type WaterLog = Schemas["WaterLog"];
export type CuttingShown = Schemas["CuttingShown"];
export type Cutter = Schemas["Cutter"];
export type Sheet = Schemas["Sheet"];
export type DoughAndFilling = Schemas["DoughAndFilling"];
export type WayToEven = Schemas["WayToEven"];
export type RestShown = Schemas["RestShown"];
export type Prep = Schemas["Prep"];
export type PrepAct = Schemas["PrepAct"];
export type Mark = Schemas["Mark"];
export type MarkWish = Schemas["MarkWish"];
export type Leftover = Schemas["Leftover"];
export type LeftoverWish = Schemas["LeftoverWish"];
export type ShoppingLine = Schemas["ShoppingLine"];
export type Day = Schemas["Day"];
export type DayKitchen = Schemas["DayKitchen"];
export type DayOven = Schemas["DayOven"];
export type Order = Schemas["Order"];
export type StoredDay = Schemas["StoredDay"];
export type DaySummary = Schemas["DaySummary"];
export type DayPlan = Schemas["DayPlan"];
export type DayTask = Schemas["DayTask"];
export type DayAct = Schemas["DayAct"];
export type DayPie = Schemas["DayPie"];
export type DayMark = Schemas["DayMark"];
export type DayMarkWish = Schemas["DayMarkWish"];
export type PlanWish = Schemas["PlanWish"];
export type BakeAtOven = Schemas["BakeAtOven"];
export type BakeWish = Schemas["BakeWish"];
export type OvenLeg = Schemas["OvenLeg"];
export type OvenAct = Schemas["OvenAct"];
export type SeenAnswer = Schemas["SeenAnswer"];
export type GateItem = Schemas["GateItem"];
export type LiveBake = Schemas["LiveBake"];
export type Hot = Schemas["Hot"];
export type OvenEventWish = Schemas["OvenEventWish"];
export type OvenEvent = Schemas["OvenEvent"];
export type BakeBook = Schemas["BakeBook"];
export type BakeRow = Schemas["BakeRow"];
export type BakeRecord = Schemas["BakeRecord"];
export type JudgementWish = Schemas["JudgementWish"];
export type FaultName = Schemas["FaultName"];
export type Cause = Schemas["Cause"];
export type Finding = Schemas["Finding"];
export type Lesson = Schemas["Lesson"];
/** Words typed at a place of the design; a weight after a step says what it was before, and which step. */
export type LabelWish = Schemas["LabelWish"];
export type Label = Schemas["Label"];
export type Pricing = Schemas["Pricing"];
export type Bill = Schemas["Bill"];
export type BookFigures = Schemas["BookFigures"];
export type Trial = Schemas["Trial"];
export type TrialWish = Schemas["TrialWish"];
export type TypedEntry = Pick<Schemas["EntryWords"], "kind" | "words" | "food"> &
  Partial<Schemas["EntryWords"]> &
  Pick<Schemas["EditWish"], "at">;

/** An answer of the API other than the one asked for, or no answer at all. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    // of one thing, where it can be said of one thing
    super(problem.refusals[0]?.mend ?? problem.mend);
  }
  get isOffline() {
    return this.problem.status === 0;
  }
}

const offline: Problem = {
  type: "about:blank",
  title: "No answer",
  status: 0,
  code: "no-answer",
  at: "",
  mend: "The kitchen's server does not answer. What you typed is kept on this device; try again when the connection is back.",
  refusals: [],
  retryAfterSeconds: null,
  revision: null,
};

const token = { csrf: "" };

export function rememberToken(session: Session) {
  token.csrf = session.csrfToken;
  return session;
}

/** Sends the token with every write; a stale one is fetched anew and the write repeated, once. */
const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== "GET") request.headers.set("X-CSRF-TOKEN", token.csrf);
    return request;
  },
};

async function fetchWithToken(request: Request): Promise<Response> {
  const again = request.clone();
  const response = await fetch(request);
  if (response.status !== 419) return response;
  rememberToken((await (await fetch("/api/session", { headers: { Accept: "application/json" } })).json()) as Session);
  again.headers.set("X-CSRF-TOKEN", token.csrf);
  return fetch(again);
}

export const api = createClient<paths>({
  baseUrl: `${location.origin}/api`,
  headers: { Accept: "application/json" },
  fetch: fetchWithToken,
});
api.use(csrf);

/** The data of an answer, or an ApiProblem thrown. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let got: Awaited<typeof call>;
  try {
    got = await call;
  } catch (thrown) {
    if (thrown instanceof DOMException && thrown.name === "AbortError") throw thrown;
    throw new ApiProblem(offline);
  }
  if (got.data !== undefined && got.response.ok) return got.data;
  const problem = got.error as Problem | undefined;
  throw new ApiProblem(problem?.mend ? problem : { ...offline, status: got.response.status });
}

/** What to do about one field of what was sent; "" is all of it. */
export const mendAt = (problem: Problem | null, at: string) => problem?.refusals.find((one) => one.at === at)?.mend;

/** The problem of an answer that was refused or did not come; what else was thrown is a fault of ours. */
export function problemOf(thrown: unknown): Problem {
  if (thrown instanceof ApiProblem) return thrown.problem;
  throw thrown;
}
