import { Box, Flex } from "@chakra-ui/react";
import { Link } from "react-router";
import type { Batch, CuttingShown, DoughChoice, DoughPlan, DoughUse } from "../../api/client";
import { readFigure } from "../../api/words";
import { lineChanged } from "../../batch/batch";
import { CutSheet } from "../../draw/CutSheet";
import { Button } from "../../ui/Button";
import { EntryField } from "../../ui/EntryField";
import { grams, number } from "../../ui/numbers";
import { RecessChoice } from "../../ui/RecessChoice";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";
import { RolledDiscs } from "./RolledDiscs";

type Props = {
  kitchen: string;
  plan: DoughPlan;
  shown: DoughUse;
  show: (pie: string) => void;
  change: (by: (batch: Batch) => Batch) => void;
  choose: (by: (choice: DoughChoice) => DoughChoice) => void;
  printAt: string;
};

/** How it is cut: the sheet from above, true to scale; of a lined tin the discs that are rolled for it. */
export function SheetPart({ kitchen, plan, shown, show, change, choose, printAt }: Props) {
  const { cutting } = shown;
  return (
    <Box as="section" aria-label="Cutting sheet">
      <Flex
        as="h2"
        justify="space-between"
        gap="12px"
        fontWeight="650"
        borderBottom="1.6px solid {colors.rim}"
        wrap="wrap"
      >
        {cutting ? "Cutting sheet" : "Rolled out"}
        {cutting && <Cut kitchen={kitchen} use={shown} cutting={cutting} change={change} />}
      </Flex>
      {plan.uses.length > 1 && (
        <Box paddingTop="4px" maxWidth="100%" overflowX="auto">
          <RecessChoice
            label="Whose pieces"
            value={shown.pie}
            options={plan.uses.map((one) => [one.pie, `pie ${one.number}`] as const)}
            choose={show}
          />
        </Box>
      )}
      {cutting ? <Sheets cutting={cutting} printAt={printAt} /> : <RolledDiscs use={shown} />}
      {cutting && <BoardEntries kitchen={kitchen} plan={plan} choose={choose} />}
    </Box>
  );
}

/** The cutter and the thickness of this batch; the design stays as it is. */
function Cut({
  kitchen,
  use,
  cutting,
  change,
}: {
  kitchen: string;
  use: DoughUse;
  cutting: CuttingShown;
  change: Props["change"];
}) {
  const read = readFigure(kitchen, "length");
  const readThickness = readFigure(kitchen, "thickness");
  const fold = (to: { lengthMm?: number; thicknessMm?: number }) =>
    change((now) => lineChanged(now, use.pie, (line) => ({ ...line, fold: { ...line.fold, ...to, settled: null } })));
  return (
    <Box as="span" fontWeight="430">
      <EntryField
        label="Cutter"
        words={`${number(cutting.cutter.lengthMm / 10, cutting.cutter.lengthMm % 10 ? 1 : 0)} cm`}
        read={read}
        keep={(lengthMm) => fold({ lengthMm })}
      />{" "}
      cutter,{" "}
      <EntryField
        label="Rolled"
        words={`${number(cutting.thicknessMm, 1).replace(/\.0$/, "")} mm`}
        read={readThickness}
        keep={(thicknessMm) => fold({ thicknessMm })}
      />
    </Box>
  );
}

const MOST_HIGH = 320;

function Sheets({ cutting, printAt }: { cutting: CuttingShown; printAt: string }) {
  const [ref, width] = useWidth<HTMLDivElement>(460);
  const room = Math.max(120, width - 40);
  const widest = Math.max(cutting.first.widthMm, (cutting.reroll?.widthMm ?? 0) * 1.7);
  const scale = Math.min(room / widest, MOST_HIGH / cutting.first.lengthMm, 1.2);
  const first = cutting.first.placements.length * cutting.first.sheets;
  return (
    <Box ref={ref} paddingTop="8px">
      <Measured wideMm={cutting.first.widthMm} highMm={cutting.first.lengthMm} scale={scale}>
        <CutSheet sheet={cutting.first} cutter={cutting.cutter} scale={scale} from={1} />
      </Measured>
      <Flex gap="10px 22px" wrap="wrap" paddingTop="10px" align="flex-start">
        {cutting.reroll && <CutSheet sheet={cutting.reroll} cutter={cutting.cutter} scale={scale} from={first + 1} />}
        <Box flex="1 1 190px" minWidth="190px" fontSize="scale">
          <Row
            strong
            left={cutting.first.sheets > 1 ? `First rolling, ${cutting.first.sheets} sheets` : "First rolling"}
            right={grams(cutting.grams)}
          />
          <Box color="ink2">
            {first} pieces, {cutting.first.laid}
            {cutting.others.length > 0 && `; ${cutting.others[cutting.others.length - 1]}`}
          </Box>
          <Row left="scraps" right={grams(cutting.scrapsGrams)} />
          {cutting.reroll ? (
            <>
              <Box borderTop="1px solid {colors.hair}" marginTop="4px" />
              <Row
                strong
                left={
                  cutting.reroll.sheets > 1 ? `The one re-roll, ${cutting.reroll.sheets} sheets` : "The one re-roll"
                }
                right={grams(cutting.scrapsGrams)}
              />
              <Box color="ink2">
                {cutting.pieces - first} {cutting.pieces - first === 1 ? "piece" : "pieces"}, a little tougher
              </Box>
              <Row left="scraps, not rolled again" right={grams(cutting.leftGrams)} />
            </>
          ) : (
            <Box color="ink2">The scraps are less than a piece.</Box>
          )}
          <Box paddingTop="6px">
            <Link to={printAt} style={{ color: ink("rim"), fontWeight: 650 }}>
              Print at full size
            </Link>
          </Box>
        </Box>
      </Flex>
      <ScaleBar scale={scale} />
    </Box>
  );
}

function Row({ left, right, strong }: { left: string; right: string; strong?: boolean }) {
  return (
    <Flex justify="space-between" gap="8px" fontWeight={strong ? "650" : "430"}>
      <span>{left}</span>
      <span>{right}</span>
    </Flex>
  );
}

/** Dimensions stand outside of what they measure. */
function Measured({
  wideMm,
  highMm,
  scale,
  children,
}: {
  wideMm: number;
  highMm: number;
  scale: number;
  children: React.ReactNode;
}) {
  const [w, h] = [wideMm * scale, highMm * scale];
  const line = { stroke: ink("ink2"), strokeWidth: 1, fill: "none" };
  return (
    <Box position="relative" width={`${w}px`} paddingBottom="22px">
      {children}
      <svg
        width={w + 40}
        height={h + 24}
        aria-hidden
        style={{ position: "absolute", left: 0, top: 0, overflow: "visible", pointerEvents: "none" }}
      >
        <path
          d={`M0,${h + 7} v9 M${w},${h + 7} v9 M0,${h + 12} H${w} M${w + 7},0 h9 M${w + 7},${h} h9 M${w + 12},0 V${h}`}
          {...line}
        />
        <g fontSize="14" fill={ink("ink2")} textAnchor="middle" dominantBaseline="central">
          <rect x={w / 2 - 26} y={h + 3} width="52" height="18" fill={ink("ground")} />
          <text x={w / 2} y={h + 12}>
            {number(wideMm / 10)} cm
          </text>
          <rect x={w + 3} y={h / 2 - 9} width="24" height="18" fill={ink("ground")} />
          <text x={w + 14} y={h / 2}>
            {number(highMm / 10)}
          </text>
        </g>
      </svg>
    </Box>
  );
}

function ScaleBar({ scale }: { scale: number }) {
  const w = 100 * scale;
  return (
    <svg width={w + 70} height="18" aria-hidden style={{ display: "block", marginTop: 6 }}>
      <path d={`M0.5,3 v10 M${w},3 v10 M0,8 H${w}`} stroke={ink("ink2")} fill="none" />
      <text x={w + 8} y="13" fontSize="14" fill={ink("ink2")}>
        10 cm
      </text>
    </svg>
  );
}

const SHEET = { widthMm: 230, lengthMm: 400 };

function BoardEntries({ kitchen, plan, choose }: Pick<Props, "kitchen" | "plan" | "choose">) {
  const read = readFigure(kitchen, "length");
  const { board, sheet } = plan.choice;
  const cm = (mm: number) => `${number(mm / 10)} cm`;
  return (
    <Box fontSize="scale" color="ink2" paddingTop="6px">
      {plan.formula === null && (
        <Box>
          {sheet ? (
            <>
              Bought sheets of{" "}
              <EntryField
                label="Width of a bought sheet"
                words={cm(sheet.widthMm)}
                read={read}
                keep={(widthMm) => choose((now) => ({ ...now, sheet: { ...(now.sheet ?? SHEET), widthMm } }))}
              />{" "}
              by{" "}
              <EntryField
                label="Length of a bought sheet"
                words={cm(sheet.lengthMm)}
                read={read}
                keep={(lengthMm) => choose((now) => ({ ...now, sheet: { ...(now.sheet ?? SHEET), lengthMm } }))}
              />{" "}
              <Button look="plain" minHeight="28px" onClick={() => choose((now) => ({ ...now, sheet: null }))}>
                From a block
              </Button>
            </>
          ) : (
            <Button
              look="plain"
              minHeight="28px"
              paddingInline="0"
              onClick={() => choose((now) => ({ ...now, sheet: SHEET }))}
            >
              From bought sheets of given size
            </Button>
          )}
        </Box>
      )}
      The board takes{" "}
      <EntryField
        label="Width of the board"
        words={cm(board.widthMm)}
        read={read}
        keep={(widthMm) => choose((now) => ({ ...now, board: { ...now.board, widthMm } }))}
      />{" "}
      by{" "}
      <EntryField
        label="Length of the board"
        words={cm(board.lengthMm)}
        read={read}
        keep={(lengthMm) => choose((now) => ({ ...now, board: { ...now.board, lengthMm } }))}
      />
    </Box>
  );
}
