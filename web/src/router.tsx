import { lazy, Suspense } from "react";
import { createBrowserRouter } from "react-router";
import { AppFrame } from "./AppFrame";
import { Home } from "./Home";
import { NotHere } from "./NotHere";

const SignIn = lazy(() => import("./rooms/signin/SignIn"));
const Pies = lazy(() => import("./rooms/pies/Pies"));
const Begin = lazy(() => import("./rooms/begin/Begin"));
const Recipe = lazy(() => import("./rooms/begin/Recipe"));
const You = lazy(() => import("./rooms/you/You"));
const Kitchen = lazy(() => import("./rooms/kitchen/Kitchen"));
const Invitation = lazy(() => import("./rooms/invitation/Invitation"));
const Stores = lazy(() => import("./rooms/stores/Stores"));
const Card = lazy(() => import("./rooms/card/Card"));
const Batches = lazy(() => import("./rooms/batch/Batches"));
const Batch = lazy(() => import("./rooms/batch/Batch"));
const Pastry = lazy(() => import("./rooms/pastry/Pastry"));
const FullSize = lazy(() => import("./rooms/pastry/FullSize"));
const Prep = lazy(() => import("./rooms/prep/Prep"));
const Days = lazy(() => import("./rooms/day/Days"));
const OvenDay = lazy(() => import("./rooms/day/OvenDay"));
const OnePie = lazy(() => import("./rooms/day/OnePie"));
const DayPaper = lazy(() => import("./rooms/day/DayPaper"));
const AtOven = lazy(() => import("./rooms/oven/AtOven"));
const Book = lazy(() => import("./rooms/book/Book"));
const BookedBake = lazy(() => import("./rooms/book/OneBake"));
const Judge = lazy(() => import("./rooms/book/Judge"));
const Beside = lazy(() => import("./rooms/book/Beside"));
const BookFigures = lazy(() => import("./rooms/book/FiguresPage"));
const Trials = lazy(() => import("./rooms/book/Trials"));
const Labels = lazy(() => import("./rooms/label/Labels"));
const Bench = lazy(() => import("./rooms/bench/Bench"));

const wait = (room: React.ReactNode) => <Suspense fallback={null}>{room}</Suspense>;

export const router = createBrowserRouter([
  { path: "/", element: <Home /> },
  { path: "/sign-in", element: wait(<SignIn />) },
  { path: "/invite/:token", element: wait(<Invitation />) },
  {
    path: "/k/:kitchen",
    element: <AppFrame />,
    children: [
      { path: "pies", element: wait(<Pies />) },
      { path: "begin", element: wait(<Begin />) },
      { path: "begin/recipe", element: wait(<Recipe />) },
      { path: "you", element: wait(<You />) },
      { path: "kitchen", element: wait(<Kitchen />) },
      { path: "stores", element: wait(<Stores />) },
      { path: "batches", element: wait(<Batches />) },
      { path: "batches/:batch", element: wait(<Batch />) },
      { path: "pastry/:batch", element: wait(<Pastry />) },
      { path: "pastry/:batch/sheet", element: wait(<FullSize />) },
      { path: "prep/:batch", element: wait(<Prep />) },
      { path: "days", element: wait(<Days />) },
      { path: "days/:day", element: wait(<OvenDay />) },
      { path: "days/:day/paper", element: wait(<DayPaper />) },
      { path: "ready/:pie", element: wait(<OnePie />) },
      { path: "oven", element: wait(<AtOven />) },
      { path: "book", element: wait(<Book />) },
      { path: "book/figures", element: wait(<BookFigures />) },
      { path: "book/trials", element: wait(<Trials />) },
      { path: "book/:bake", element: wait(<BookedBake />) },
      { path: "book/:bake/judge", element: wait(<Judge />) },
      { path: "book/:bake/beside/:other", element: wait(<Beside />) },
      { path: "labels/pie/:pie", element: wait(<Labels />) },
      { path: "labels/bake/:bake", element: wait(<Labels />) },
      { path: "bench/:pie", element: wait(<Bench />) },
      { path: "card/:pie", element: wait(<Card />) },
    ],
  },
  { path: "*", element: <NotHere /> },
]);
