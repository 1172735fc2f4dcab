// @vitest-environment node
import { execFileSync } from "node:child_process";
import highsLoader from "highs";
import { expect, it } from "vitest";

type Case = {
  wish: { gapMl: number; weepGrams: number; gramsPerEgg: number; fatShare: number; eggs: number; yolks: number };
  dairies: { mlPerGram: number; liquid: number; fat: number; mostGrams: number | null }[];
  off: number | null;
};

const term = (factor: number, name: string) => `${factor < 0 ? "-" : "+"} ${Math.abs(factor).toFixed(12)} ${name}`;

/** The same question as a mixed integer program in CPLEX LP form: p and q are the misses of liquid and of fat. */
function program({ wish, dairies }: Case): string {
  const sum = (factor: (dairy: Case["dairies"][number]) => number) =>
    dairies.map((one, i) => term(factor(one), `d${i}`)).join(" ");
  const { gapMl, weepGrams, gramsPerEgg, fatShare: f } = wish;
  const liquid = `${sum((one) => one.liquid)} ${term(-gramsPerEgg, "n")} ${term(-gramsPerEgg / 2, "y")}`;
  const fat = `${sum((one) => one.fat - f)} ${term(50 * (0.0951 - f), "n")} ${term(17 * (0.2654 - f), "y")}`;
  return `Minimize
 off: p + q
Subject To
 fill: ${sum((one) => one.mlPerGram)} ${term(50 / 1.03, "n")} ${term(17 / 1.03, "y")} = ${gapMl}
 firm1: ${liquid} - p <= ${-weepGrams}
 firm2: ${liquid} + p >= ${-weepGrams}
 rich1: ${fat} - q <= 0
 rich2: ${fat} + q >= 0
 some: n + y >= 1
Bounds
 0 <= n <= ${wish.eggs}
 0 <= y <= ${wish.yolks}
${dairies.map((one, i) => (one.mostGrams === null ? ` d${i} >= 0` : ` 0 <= d${i} <= ${one.mostGrams}`)).join("\n")}
General
 n y
End`;
}

it("the custard solver of the core is exact: HiGHS, from outside, finds nothing better in 200 random questions", async () => {
  const cases = JSON.parse(execFileSync("php", ["tools/solver-cases.php", "200"], { encoding: "utf8" })) as Case[];
  const highs = await highsLoader();
  let solved = 0;
  for (const one of cases) {
    const outside = highs.solve(program(one), { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
    if (one.off === null) {
      expect(outside.Status).toBe("Infeasible");
      continue;
    }
    expect(outside.Status).toBe("Optimal");
    expect(Math.abs(outside.ObjectiveValue - one.off)).toBeLessThan(1e-4 * (1 + one.off));
    solved++;
  }
  expect(solved).toBeGreaterThan(100);
}, 60_000);
