import { render } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { filmGrid } from "../../test/film";
import { bakeReport, section, show } from "../../test/kitchen";
import type { BakeFilm } from "../api/client";
import { CurvesChart } from "./Curves";
import { FieldLegend } from "./FieldLegend";
import { FilmBody } from "./FilmBody";
import { fieldOf } from "./fields";
import { frameAt } from "./film";
import { frameOf } from "./frame";
import { TimeStrip } from "./TimeStrip";

const { kinds } = filmGrid;
const film: BakeFilm = {
  setsAtCelsius: 78,
  grid: filmGrid,
  frames: (["weighted", "bake"] as const).map((stage, i) => ({
    stage,
    minute: i * 30,
    celsius: kinds.map((_, cell) => (i === 0 ? 120 : 60 + cell * 2)),
    waterPercent: kinds.map((kind) => (kind === "filling" ? 70 : 12)),
    setPercent: kinds.map((kind, cell) => (kind === "filling" ? cell * 12 : 0)),
    topBrown: [0.4, 1.2, 0, 0],
    rimBrown: 1.6,
    underBrown: 0.2,
    insideBrown: 0.1,
  })),
};
const frame = frameOf(section, 540, { left: 8, right: 70, top: 30, bottom: 40 });

function drawn(name: "heat" | "water" | "set" | "colour", minute: number, ghost = false) {
  const at = frameAt(film, minute);
  return render(
    <svg>
      <title>pie</title>
      <FilmBody
        film={film}
        at={at}
        field={fieldOf(name, film)}
        section={section}
        frame={frame}
        name="n"
        ghost={ghost ? frameAt(film, 30) : null}
        ghostFilm={ghost ? film : null}
      />
    </svg>,
  ).container;
}

describe("the pie at one moment", () => {
  it("shows no filling while the shell is empty", () => {
    expect(drawn("heat", 0).querySelectorAll("path").length).toBeLessThan(
      drawn("heat", 30).querySelectorAll("path").length,
    );
  });

  it("has a second cue for every field", () => {
    expect(drawn("set", 30).innerHTML).toContain("url(#n-liquid)");
    expect(drawn("water", 30).innerHTML).toContain("url(#n-wet)");
    expect(drawn("colour", 30).innerHTML).toContain("url(#n-slant-");
    expect(drawn("heat", 30).innerHTML).toContain('stroke-width="2.2"');
  });

  it("colours faces only, each by how brown it is", () => {
    const html = drawn("colour", 30).innerHTML;
    // 0.4 straw is class 2, 1.2 golden class 6, the rim at 1.6 class 7
    for (const level of [2, 6, 7]) expect(html).toContain(`var(--hj-colors-colour${level})`);
    expect(html).not.toContain("var(--hj-colors-heat");
  });

  it("draws the design before as one dashed line, and none where nothing is compared", () => {
    expect(drawn("set", 30, true).querySelectorAll('[stroke-dasharray="7 5"]')).toHaveLength(1);
    expect(drawn("set", 30).querySelectorAll('[stroke-dasharray="7 5"]')).toHaveLength(0);
    expect(drawn("colour", 30, true).querySelectorAll('[stroke-dasharray="7 5"]')).toHaveLength(0);
  });
});

describe("its legend, its curves and its time", () => {
  it("says the words of the scale, and its numbers where a cook can measure them", () => {
    const { container } = render(<FieldLegend field={fieldOf("water", film)} width={540} />);
    expect(container.querySelector("svg")?.getAttribute("aria-label")).toBe(
      "Scale of water: crisp, dry, soft, soggy, filling.",
    );
    const { container: heat } = render(<FieldLegend field={fieldOf("heat", film)} width={540} />);
    expect(heat.textContent).toContain("78");
    expect(heat.textContent).toContain("100 °C");
  });

  it("tells the curves in words, marks what is in the plan, and shows a ghost only where there is one", () => {
    const { container } = show(<CurvesChart report={bakeReport} before={null} minute={22} width={540} />);
    expect(container.querySelector("svg")?.getAttribute("aria-label")).toContain("centre 80 °C");
    expect(container.querySelectorAll("[data-ghost]")).toHaveLength(0);
    expect(container.querySelectorAll("circle")).toHaveLength(0);
    const { container: compared } = show(
      <CurvesChart report={bakeReport} before={bakeReport} minute={null} width={540} />,
    );
    expect(compared.querySelectorAll("[data-ghost]")).toHaveLength(2);
  });

  it("seats the stage that is shown and leaves a word out where it does not fit", () => {
    const stage = (now: number, width: number) =>
      render(<TimeStrip report={bakeReport} now={now} last={79} width={width} />).container;
    expect(stage(30, 540).querySelector('[font-weight="650"]')?.textContent).toBe("bake");
    expect(stage(79, 540).querySelector('[font-weight="650"]')?.textContent).toBe("rest");
    expect(stage(30, 200).textContent).not.toContain("weighted");
  });
});
