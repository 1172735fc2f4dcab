import { Box, chakra, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { type PointerEvent, useEffect, useId, useMemo, useState } from "react";
import type { BakeFilm, BakeReport, Forecast, PieDesign } from "../../../api/client";
import { filmQuery } from "../../../api/queries";
import { cutawayFrame, Measured } from "../../../draw/Cutaway";
import { FieldLegend } from "../../../draw/FieldLegend";
import { FilmBody } from "../../../draw/FilmBody";
import { type FieldName, fieldOf, meaning } from "../../../draw/fields";
import { frameAt, shapeOf } from "../../../draw/film";
import { SectionBody } from "../../../draw/SectionBody";
import { TimeStrip } from "../../../draw/TimeStrip";
import { Button } from "../../../ui/Button";
import { number } from "../../../ui/numbers";
import { ink } from "../../../ui/theme";
import { useBenchContext } from "../BenchContext";

export type Before = { design: PieDesign; report: BakeReport | null };

type Props = {
  forecast: Forecast;
  /** the design that the forecast is of */
  design: PieDesign;
  before: Before | null;
  field: FieldName;
  width: number;
  minute: number | null;
  seek: (minute: number) => void;
};

/** The cutaway that moves: one field of the bake at one moment, with the scrubber over its stages. */
export function InTheOven({ forecast, design, before, field, width, minute, seek }: Props) {
  const { kitchen } = useBenchContext();
  const query = useQuery(filmQuery(kitchen, design));
  const ghost = useQuery({ ...filmQuery(kitchen, before?.design ?? design), enabled: before !== null });
  const film = query.data;
  if (query.error)
    return (
      <Box paddingBlock="16px" role="status">
        The bake could not be shown: {query.error.message}{" "}
        <Button look="plain" onClick={() => query.refetch()}>
          Try again
        </Button>
      </Box>
    );
  if (film === undefined)
    return (
      <Box minHeight="330px" paddingTop="16px" role="status">
        Baking it in simulation
      </Box>
    );
  if (film === null || forecast.bake === null)
    return <Box paddingBlock="16px">There is nothing to bake yet: pour the first layer.</Box>;
  return (
    <Shown
      {...{ forecast, design, field, width, film }}
      report={forecast.bake}
      ghostFilm={before && ghost.data && !ghost.isPlaceholderData ? ghost.data : null}
      old={query.isPlaceholderData}
      minute={minute ?? outAt(forecast.bake)}
      seek={seek}
    />
  );
}

/** When it comes out, min since the first stage began. */
const outAt = (report: BakeReport) => report.stages.find((stage) => stage.name === "rest")?.from ?? report.minutes;

type ShownProps = Omit<Props, "before" | "minute"> & {
  film: BakeFilm;
  report: BakeReport;
  ghostFilm: BakeFilm | null;
  old: boolean;
  minute: number;
};

function Shown({ forecast, design, field: name, width, film, report, ghostFilm, old, minute, seek }: ShownProps) {
  const id = useId().replaceAll(":", "");
  const { section } = forecast;
  const frame = useMemo(() => cutawayFrame(section, width), [section, width]);
  const field = useMemo(() => fieldOf(name, film), [name, film]);
  const last = film.frames.at(-1)?.minute ?? 0;
  const now = Math.min(minute, last);
  const at = useMemo(() => frameAt(film, now), [film, now]);
  // the same minute before it comes out; stages may have moved
  const ghost = useMemo(() => ghostFilm && frameAt(ghostFilm, now), [ghostFilm, now]);
  const [point, setPoint] = useState<number | null>(null);
  const shape = useMemo(() => shapeOf(section, frame, film.grid), [section, frame, film.grid]);
  const look = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    setPoint(shape.cellAt(event.clientX - box.left, event.clientY - box.top));
  };
  return (
    <Box opacity={old ? 0.6 : 1} transition="opacity 160ms ease-out" aria-busy={old}>
      <svg
        width={width}
        height={frame.height}
        role="img"
        aria-label={`Half section of ${design.name}, coloured by ${field.title}, ${stageWords(report, at.stage, now)}`}
        style={{ display: "block", overflow: "visible", touchAction: "pan-y" }}
        onPointerMove={look}
        onPointerDown={look}
        data-stage={at.stage}
      >
        <SectionBody
          section={section}
          frame={frame}
          seal={design.crust.seal !== "none"}
          detail
          name={id}
          field={<FilmBody {...{ film, at, field, section, frame, ghost, ghostFilm }} name={id} />}
        />
        {at.stage === "weighted" && <Weights shape={shape} />}
        <Measured section={section} frame={frame} />
      </svg>
      <PointLine film={film} at={at} cell={point} />
      <FieldLegend field={field} width={width} />
      {ghostFilm && name !== "colour" && (
        <Box color="ink2">
          The dashed line is how it stood before, at the same minute:{" "}
          {name === "heat" ? "where it sets" : name === "set" ? "where it was set" : "71 % water"}.
        </Box>
      )}
      <Scrubber report={report} now={now} last={last} seek={seek} width={width} stage={at.stage} />
    </Box>
  );
}

/** Baking weights up to the rim of the shell, while they lie in it. */
function Weights({ shape }: { shape: ReturnType<typeof shapeOf> }) {
  const beads = [];
  for (let v = 1.06; v < 1.95; v += 0.14)
    for (let u = 0.02 + ((v * 7) % 1) * 0.03; u < 0.98; u += 0.055) beads.push(shape.point(u, v));
  return (
    <g fill={ink("tinfill")} stroke={ink("ink3")} strokeWidth="1">
      {beads.map(([x, y]) => (
        <circle key={`${x},${y}`} cx={x} cy={y} r="6" />
      ))}
    </g>
  );
}

/** Temperature, water and meaning of one place; the middle while none is pointed at. */
function PointLine({ film, at, cell }: { film: BakeFilm; at: ReturnType<typeof frameAt>; cell: number | null }) {
  const { grid } = film;
  const centre = Math.floor((grid.fillFrom + grid.fillTo) / 2) * grid.columns;
  const where = cell ?? centre;
  const kind = grid.kinds[where] ?? "filling";
  const empty =
    ["weighted", "propped", "pricked", "bare"].includes(at.stage) && (kind === "filling" || kind === "topping");
  const celsius = at.celsius[where] ?? 0;
  const water = at.waterPercent[where] ?? 0;
  return (
    <Box minHeight="24px" data-testid="point" aria-live="off">
      {cell === null
        ? "The middle"
        : kind === "topping"
          ? "The top"
          : kind === "crust"
            ? "Here, crust"
            : `Here, ${kind}`}
      {empty
        ? ": nothing in it yet"
        : `: ${number(celsius)} °C, ${meaning(celsius, at.setPercent[where] ?? 0, kind, water, film.setsAtCelsius)}`}
      {cell === null && (
        <Box as="span" color="ink2">
          {" "}
          · point at a place to ask it
        </Box>
      )}
    </Box>
  );
}

const STAGES: Record<string, string> = {
  weighted: "shell, weighted",
  propped: "shell, propped",
  pricked: "shell, pricked",
  bare: "shell, bare",
  filled: "just filled",
  bake: "in the oven",
  rest: "resting",
};

function stageWords(report: BakeReport, stage: string, now: number): string {
  const inStage = report.stages.filter((one) => now >= one.from - 1e-6).at(-1);
  const shellEnds = report.stages.find((one) => one.name === "bake")?.from ?? 0;
  const minute = stage === "bake" ? now - shellEnds : now - (inStage?.from ?? 0);
  const all = stage === "bake" ? report.minutes : (inStage?.to ?? 0) - (inStage?.from ?? 0);
  return stage === "filled" ? "just filled" : `${STAGES[stage] ?? stage}, minute ${number(minute)} of ${number(all)}`;
}

const SECONDS_A_MINUTE = 1;

function Scrubber({
  report,
  now,
  last,
  seek,
  width,
  stage,
}: {
  report: BakeReport;
  now: number;
  last: number;
  seek: (minute: number) => void;
  width: number;
  stage: string;
}) {
  const [playing, setPlaying] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: where it starts counts only when it starts
  useEffect(() => {
    if (!playing) return;
    let then = performance.now();
    let minute = now >= last - 0.1 ? 0 : now;
    let frame = requestAnimationFrame(function step(at) {
      // an hour of the oven in a minute
      minute += (at - then) / 1000 / SECONDS_A_MINUTE;
      then = at;
      seek(Math.min(minute, last));
      if (minute >= last) setPlaying(false);
      else frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, last, seek]);
  const words = stageWords(report, stage, now);
  return (
    <Box as="section" aria-label="Time" marginTop="8px">
      <TimeStrip report={report} now={now} last={last} width={width} />
      <chakra.input
        type="range"
        aria-label="Moment of the bake"
        aria-valuetext={words}
        min={0}
        max={last}
        step={0.5}
        value={now}
        onChange={(event) => {
          setPlaying(false);
          seek(Number(event.target.value));
        }}
        display="block"
        width={`${width}px`}
        maxWidth="100%"
        height="28px"
        margin="0"
        accentColor="{colors.rim}"
        cursor="pointer"
      />
      <Flex gap="12px" align="center" wrap="wrap">
        <Button onClick={() => setPlaying(!playing)} minHeight="36px">
          {playing ? "Stop" : "Play"}
        </Button>
        <Box data-testid="moment">{words}</Box>
        <Box color="ink2">an hour takes a minute</Box>
      </Flex>
    </Box>
  );
}
