import { type ReactNode, useMemo } from "react";
import type { BakeFilm, BakeFrame, Section } from "../api/client";
import { ink } from "../ui/theme";
import { classOf, type Field, valuesOf } from "./fields";
import { bands, outline, pastry, shapeOf } from "./film";
import type { Frame } from "./frame";

type Props = {
  film: BakeFilm;
  at: BakeFrame;
  field: Field;
  section: Section;
  frame: Frame;
  name: string;
  /** the same moment of the design before */
  ghost: BakeFrame | null;
  ghostFilm: BakeFilm | null;
};

const EMPTY = ["weighted", "propped", "pricked", "bare"];

/** The pie at one moment of its bake, coloured by one field; each class a shade with a second cue. */
export function FilmBody({ film, at, field, section, frame, name, ghost, ghostFilm }: Props) {
  const shape = useMemo(() => shapeOf(section, frame, film.grid), [section, frame, film.grid]);
  const empty = EMPTY.includes(at.stage);
  const isColour = field.name === "colour";
  const values = valuesOf(at, field.name);
  const filling = outline(shape);
  const line = ghost && ghostFilm && !empty && !isColour ? leading(ghostFilm, ghost, field) : null;
  const ghostShape = useMemo(
    () => (ghostFilm ? shapeOf(section, frame, ghostFilm.grid) : null),
    [section, frame, ghostFilm],
  );
  return (
    <g data-film={field.name}>
      <Cues name={name} />
      {!empty && (
        <>
          <path d={filling} fill={isColour ? ink("ground") : ink(`${field.name}0`)} stroke={ink("ink3")} />
          {!isColour && (
            <Bands film={film} values={values} field={field} shape={shape} name={name}>
              {field.name === "set" && (
                <path d={bands(film.grid, shape, values, [130])[0]} fill={`url(#${name}-over)`} />
              )}
            </Bands>
          )}
        </>
      )}
      {!isColour && field.name !== "set" && (
        <g>
          {pastry(film.grid, shape, values, field.breaks).map(
            (path, level) =>
              path && (
                // biome-ignore lint/suspicious/noArrayIndexKey: the class is the index
                <path key={level} d={path} fill={ink(`${field.name}${level}`)} stroke={ink(`${field.name}${level}`)} />
              ),
          )}
        </g>
      )}
      {(isColour || field.name === "set") && (
        <path d={pastry(film.grid, shape, [], [])[0]} fill={ink(isColour ? "colour0" : "set0")} opacity="0.7" />
      )}
      {isColour && <Surfaces at={at} film={film} shape={shape} field={field} empty={empty} name={name} />}
      {line !== null && ghostShape && ghostFilm && (
        <path
          d={bands(ghostFilm.grid, ghostShape, line.values, [line.limit])[0]}
          fill="none"
          stroke={ink("ink")}
          strokeWidth="1.6"
          strokeDasharray="7 5"
        />
      )}
    </g>
  );
}

type BandsProps = {
  film: BakeFilm;
  values: number[];
  field: Field;
  shape: ReturnType<typeof shapeOf>;
  name: string;
  children: ReactNode;
};

function Bands({ film, values, field, shape, name, children }: BandsProps) {
  const paths = bands(film.grid, shape, values, field.breaks);
  const heavy = field.name === "heat" ? (film.setsAtCelsius === null ? -1 : 5) : field.name === "set" ? 7 : -1;
  return (
    <>
      {paths.map((path, index) => (
        <path
          key={field.breaks[index]}
          d={path}
          fill={ink(`${field.name}${index + 1}`)}
          stroke={ink(index === heavy ? "ink" : "ground")}
          strokeWidth={index === heavy ? 2.2 : field.name === "heat" ? 0.8 : 0}
        />
      ))}
      {field.name === "water" && <path d={outline(shape)} fill={`url(#${name}-wet)`} />}
      {field.name === "set" && (
        <>
          <path d={outline(shape)} fill={`url(#${name}-liquid)`} />
          <path d={paths[7]} fill={ink("set8")} />
          <path d={paths[7]} fill={`url(#${name}-set)`} />
        </>
      )}
      {children}
    </>
  );
}

/** The line of the ghost that says most: where it sets, or where soggy begins. */
function leading(film: BakeFilm, at: BakeFrame, field: Field): { values: number[]; limit: number } {
  const values = valuesOf(at, field.name);
  if (field.name === "heat") return { values, limit: film.setsAtCelsius ?? 70 };
  return { values, limit: field.name === "set" ? 99 : 71 };
}

/** Second cues: waves while liquid, straight lines when set, beads where it weeps, dashes for water, slants for colour. */
function Cues({ name }: { name: string }) {
  return (
    <defs>
      <pattern id={`${name}-liquid`} width="26" height="12" patternUnits="userSpaceOnUse">
        <path d="M0,6 q6.5,-5 13,0 t13,0" fill="none" stroke={ink("ink")} strokeWidth="1" opacity="0.35" />
      </pattern>
      <pattern id={`${name}-set`} width="20" height="9" patternUnits="userSpaceOnUse">
        <path d="M0,4 H20" stroke={ink("ground")} strokeWidth="1" opacity="0.5" />
      </pattern>
      <pattern id={`${name}-over`} width="18" height="14" patternUnits="userSpaceOnUse">
        <path d="M1,4 h9" stroke={ink("ground")} strokeWidth="1.2" />
        <circle cx="14" cy="10" r="2.4" fill="none" stroke={ink("ground")} strokeWidth="1.2" />
      </pattern>
      <pattern id={`${name}-wet`} width="30" height="15" patternUnits="userSpaceOnUse">
        <path d="M3,4 h8 M18,11 h8" stroke={ink("ground")} strokeWidth="1" opacity="0.45" />
      </pattern>
      {[1, 2, 3].map((lines) => (
        <pattern key={lines} id={`${name}-slant-${lines}`} width="14" height="14" patternUnits="userSpaceOnUse">
          {Array.from({ length: lines }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: strokes have no name
            <path key={i} d={`M${2 + i * 4},12 l5,-10`} stroke={ink("ground")} strokeWidth="1.2" />
          ))}
        </pattern>
      ))}
    </defs>
  );
}

const SKIN = 9;

/** Colour lies on the faces: the top column by column, the rim, the underside and the inside of the shell. */
function Surfaces({
  at,
  film,
  shape,
  field,
  empty,
  name,
}: Pick<Props, "at" | "film" | "field" | "name"> & { shape: ReturnType<typeof shapeOf>; empty: boolean }) {
  const { grid } = film;
  const faces: { key: string; from: [number, number]; to: [number, number]; brown: number; down: number }[] = [];
  const lid = grid.rows - 1 > grid.fillTo;
  if (empty) {
    faces.push({ key: "inside", from: shape.point(0, 1), to: shape.point(1, 1), brown: at.insideBrown, down: -SKIN });
  } else {
    for (let i = 0; i < grid.fillColumns; i++) {
      const v = lid ? 3 : 2;
      faces.push({
        key: `top-${i}`,
        from: shape.point(shape.columns[i] ?? 0, v),
        to: shape.point(shape.columns[i + 1] ?? 1, v),
        brown: at.topBrown[i] ?? 0,
        down: -SKIN,
      });
    }
  }
  if (grid.baseRows > 0) {
    faces.push({ key: "under", from: shape.point(0, 0), to: shape.point(2, 0), brown: at.underBrown, down: SKIN - 3 });
    faces.push({ key: "rim", from: shape.point(1.0001, 2), to: shape.point(2, 2), brown: at.rimBrown, down: -SKIN });
  }
  return (
    <g>
      {faces.map(({ key, from, to, brown, down }) => {
        const level = classOf(brown, field.breaks);
        const path = `M${from} L${to} l0,${down} L${from[0]},${from[1] + down} Z`;
        const strokes = level >= 7 ? 3 : level >= 5 ? 2 : level >= 3 ? 1 : 0;
        return (
          <g key={key}>
            <path d={path} fill={ink(`colour${level}`)} stroke={ink("ink3")} strokeWidth="0.6" />
            {strokes > 0 && <path d={path} fill={`url(#${name}-slant-${strokes})`} />}
          </g>
        );
      })}
    </g>
  );
}
