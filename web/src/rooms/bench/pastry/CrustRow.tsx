import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import type { PieDesign, ShellStage } from "../../../api/client";
import { defaults } from "../../../api/generated/defaults";
import { foodsQuery } from "../../../api/queries";
import { appended, removed, setAt } from "../../../pie/pointer";
import { Button } from "../../../ui/Button";
import { Choice } from "../../../ui/Choice";
import { number } from "../../../ui/numbers";
import { ShellAdvice } from "../advice/ShellAdvice";
import { useAssumed, useBenchContext } from "../BenchContext";
import { StageEntry, StagesFolded } from "../oven/StageEntry";
import { StackRow } from "../pie/StackRow";
import { TypedEntry } from "../TypedEntry";

type Crust = PieDesign["crust"];
type Covering = "open" | "lid" | "lattice" | "lid-only";

const HOWS: [ShellStage["how"], string][] = [
  ["weighted", "weighted"],
  ["propped", "sides propped"],
  ["pricked", "pricked"],
  ["bare", "bare"],
];
const SEALS: [Crust["seal"], string][] = [
  ["none", "no seal"],
  ["egg", "sealed with egg"],
];
const COVERINGS: [Covering, string][] = [
  ["open", "open top"],
  ["lid", "with a lid"],
  ["lattice", "with a lattice"],
  ["lid-only", "a lid only, the dish not lined"],
];
const GLAZES: [NonNullable<Crust["lid"]>["glaze"], string][] = [
  ["none", "no glaze"],
  ["egg", "egg glaze"],
  ["yolk", "yolk and cream"],
  ["milk", "milk glaze"],
];

const thick = (mm: number) => `${number(mm, Number.isInteger(mm) ? 0 : 1)} mm`;

type Props = { crust: Crust; folded: boolean; crustGrams: number; dials: string[] };

/** The pastry below everything: how thick, what the empty shell goes through, what seals and what covers it. */
export const CrustRow = memo(function CrustRow({ crust, folded, crustGrams, dials }: Props) {
  const { change } = useBenchContext();
  const lined = crust.lining === "tin";
  return (
    <StackRow id="crust" name={crust.dough.name} total={crustGrams}>
      <Box>
        <Box as="span" color="ink2">
          rolled{" "}
        </Box>
        <TypedEntry
          label="Crust, rolled thickness"
          at="/crust/thicknessMm"
          kind="thickness"
          words={thick(crust.thicknessMm)}
        />
      </Box>
      <Dough dough={crust.dough} />
      {!folded && lined && <ShellPlan shell={crust.shell} dials={dials} />}
      {!folded && lined && <ShellAdvice />}
      <Flex direction="column" align="flex-start" gap="2px">
        {!folded && lined && (
          <Choice
            label="Seal"
            value={crust.seal}
            options={SEALS}
            choose={(to) => change((design) => setAt(design, "/crust/seal", to))}
          />
        )}
        {folded ? <FoldFinish crust={crust} /> : <Covered crust={crust} />}
      </Flex>
    </StackRow>
  );
});

/** Which dough, bought or made; another kind of dough takes its own blind bake along. */
function Dough({ dough }: { dough: Crust["dough"] }) {
  const { kitchen, change } = useBenchContext();
  const assumed = useAssumed("/crust/dough");
  const doughs = (useQuery(foodsQuery(kitchen)).data ?? [])
    .map((one) => one.food)
    .filter((one) => one.role === "dough");
  const options = doughs.some((one) => one.id === dough.id) ? doughs : [dough, ...doughs];
  const choose = (id: string) => {
    const to = options.find((one) => one.id === id);
    if (!to) return;
    change((design) => {
      const changed = setAt(design, "/crust/dough", to);
      const baked = design.crust.shell.length > 0 && to.doughKind !== design.crust.dough.doughKind;
      return baked
        ? setAt(changed, "/crust/shell", to.doughKind === "puff" ? defaults.puffBake : defaults.parBake)
        : changed;
    });
  };
  return (
    <Choice
      label="Dough"
      value={dough.id}
      options={options.map((one) => [one.id, one.name] as [string, string])}
      choose={choose}
      assumed={assumed}
    />
  );
}

const VENTS: [string, string][] = [
  ["0", "no vent"],
  ["0.01", "a slit to vent"],
  ["0.03", "several slits"],
  ["0.01 late", "a slit, cut late"],
];

/** A vent by its share of the top; one of a file that is none of these stands as it is. */
type Lid = NonNullable<Crust["lid"]>;

function Vent({ lid, choose }: { lid: Lid; choose: (to: Pick<Lid, "openShare" | "ventedLate">) => void }) {
  const share = lid.openShare;
  const value = `${share}${lid.ventedLate ? " late" : ""}`;
  const options = VENTS.some(([one]) => one === value)
    ? VENTS
    : [...VENTS, [value, `${number(share * 100, 1)} % open`] as [string, string]];
  return (
    <Choice
      label="Vent"
      value={value}
      options={options}
      choose={(to) => choose({ openShare: Number.parseFloat(to), ventedLate: to.endsWith(" late") })}
      assumed={useAssumed("/crust/lid/openShare")}
    />
  );
}

/** How a fold is finished: glazed and vented like a lid. */
function FoldFinish({ crust }: { crust: Crust }) {
  const { change } = useBenchContext();
  const lid = crust.lid ?? { ...defaults.lid, thicknessMm: crust.thicknessMm };
  const finish = (to: Partial<NonNullable<Crust["lid"]>>) =>
    change((design) => setAt(design, "/crust/lid", { ...lid, ...design.crust.lid, ...to }));
  return (
    <Flex gap="2px 12px" wrap="wrap">
      <Choice
        label="Glaze"
        value={lid.glaze}
        options={GLAZES}
        choose={(glaze) => finish({ glaze })}
        assumed={useAssumed("/crust/lid/glaze")}
      />
      <Vent lid={lid} choose={finish} />
    </Flex>
  );
}

/** What the empty shell goes through before it is filled. */
function ShellPlan({ shell, dials }: { shell: ShellStage[]; dials: string[] }) {
  const { change } = useBenchContext();
  if (shell.length === 0) {
    return (
      <Box>
        filled raw{" "}
        <Button
          look="plain"
          minHeight="28px"
          onClick={() => change((design) => setAt(design, "/crust/shell", defaults.parBake))}
        >
          Blind bake it
        </Button>
      </Box>
    );
  }
  return (
    <>
      <Box as="ol" aria-label="Blind bake">
        {shell.map((stage, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: stages have no name of their own
          <Box as="li" key={index}>
            <StageEntry
              name={`Blind bake, stage ${index + 1}`}
              at={`/crust/shell/${index}`}
              stage={stage}
              dial={dials[index]}
            >
              <Choice
                label={`Blind bake, stage ${index + 1}, how`}
                value={stage.how}
                options={HOWS}
                choose={(how) => change((design) => setAt(design, `/crust/shell/${index}/how`, how))}
              />
            </StageEntry>
          </Box>
        ))}
      </Box>
      <StagesFolded
        label="Oven of the blind bake"
        names={shell.map((_, index) => `Blind bake, stage ${index + 1}`)}
        at="/crust/shell"
        stages={shell}
      />
      <Flex gap="2px" marginLeft="-6px" wrap="wrap">
        {shell.length < defaults.mostShellStages && (
          <Button
            look="plain"
            minHeight="28px"
            onClick={() => change((design) => appended(design, "/crust/shell", defaults.anotherShellStage))}
          >
            + A stage
          </Button>
        )}
        <Button
          look="plain"
          minHeight="28px"
          onClick={() => change((design) => removed(design, "/crust/shell", design.crust.shell.length - 1))}
        >
          Remove the last
        </Button>
      </Flex>
    </>
  );
}

function Covered({ crust }: { crust: Crust }) {
  const { change } = useBenchContext();
  const { lid } = crust;
  const isGlazeAssumed = useAssumed("/crust/lid/glaze");
  const covering: Covering =
    crust.lining === "lid-only"
      ? "lid-only"
      : lid === null
        ? "open"
        : lid.openShare >= defaults.latticeFromShare
          ? "lattice"
          : "lid";
  const cover = (to: Covering) => {
    const usual = to === "lattice" ? defaults.lattice : defaults.lid;
    change((design) => {
      const { lid: was } = design.crust;
      const kept = was && { thicknessMm: was.thicknessMm, glaze: was.glaze };
      const covered = setAt(design, "/crust/lid", to === "open" ? null : { ...usual, ...kept });
      return setAt(covered, "/crust/lining", to === "lid-only" ? "lid-only" : "tin");
    });
  };
  return (
    <>
      <Choice label="What covers it" value={covering} options={COVERINGS} choose={cover} />
      {lid && (
        <Flex gap="2px 12px" wrap="wrap" align="baseline">
          <Box>
            <Box as="span" color="ink2">
              rolled{" "}
            </Box>
            <TypedEntry
              label="Lid, rolled thickness"
              at="/crust/lid/thicknessMm"
              kind="thickness"
              words={thick(lid.thicknessMm)}
            />
          </Box>
          <Choice
            label="Glaze of the lid"
            value={lid.glaze}
            options={GLAZES}
            choose={(to) => change((design) => setAt(design, "/crust/lid/glaze", to))}
            assumed={isGlazeAssumed}
          />
          {covering !== "lattice" && (
            <Vent
              lid={lid}
              choose={(to) => change((design) => setAt(design, "/crust/lid", { ...design.crust.lid, ...to }))}
            />
          )}
        </Flex>
      )}
    </>
  );
}
