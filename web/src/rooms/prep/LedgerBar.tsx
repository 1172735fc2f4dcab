import { Box } from "@chakra-ui/react";
import { number } from "../../ui/numbers";
import { ink } from "../../ui/theme";
import { useWidth } from "../../ui/useWidth";
import type { Ledger } from "./ledger";

const BAR = 46;
const TOP = 28;
const NEAR = 62;

/** One bar from nothing to raw: what stays, what is still to go, what is gone; food above, scale below. */
export function LedgerBar({ ledger, phone }: { ledger: Ledger; phone: boolean }) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const at = (grams: number) => Math.max(0, Math.min(1, grams / Math.max(1, ledger.raw))) * (width - 4) + 2;
  const [stop, now, raw] = [at(ledger.stop), at(ledger.now), at(ledger.raw)];
  const size = phone ? 16 : 20;
  const isPast = ledger.toDriveOff < 0;
  const rule = TOP + BAR + 14;
  return (
    <Box ref={ref}>
      <svg
        width={width}
        height={rule + 34}
        role="img"
        aria-label={`${number(ledger.now)} g of ${number(ledger.raw)} g now, stop at ${number(ledger.stop)} g`}
        style={{ display: "block", overflow: "visible" }}
      >
        <rect x="2" y={TOP} width={raw - 2} height={BAR} fill="none" stroke={ink("rim")} strokeWidth="2" />
        <rect x="2" y={TOP} width={Math.max(0, Math.min(stop, now) - 2)} height={BAR} fill={ink("water")} />
        {!isPast && <rect x={stop} y={TOP} width={Math.max(0, now - stop)} height={BAR} fill={ink("watersoft")} />}
        <path
          d={`M2,${rule + 12} H${stop - 3} q3,0 3,-3 V${rule + 3} q0,-3 3,-3 H${raw}`}
          fill="none"
          stroke={ink("rim")}
          strokeWidth="2.4"
        />
        <path d={`M${stop},${TOP - 4} V${rule}`} stroke={ink("rim")} strokeWidth="2.4" />
        <path d={`M${now},${TOP - 22} V${rule - 8}`} stroke={ink("ink")} strokeWidth="2.6" />
        <path d={`M${now - 8},${rule - 11} h16 l-8,10 Z`} fill={ink("ink")} />
        <g fontSize={size} fill={ink("ink")} dominantBaseline="central">
          {stop > 150 && (
            <text x="14" y={TOP + BAR / 2} fill={ink("ground")} fontWeight="650">
              stays {number(ledger.stop)}
            </text>
          )}
          {now - stop > 46 && (
            <text x={(now + stop) / 2} y={TOP + BAR / 2} textAnchor="middle" fontWeight="650">
              {number(ledger.toDriveOff)}
            </text>
          )}
          {raw - now > NEAR && (
            <text x={(raw + now) / 2} y={TOP + BAR / 2} textAnchor="middle" fill={ink("ink2")}>
              {number(ledger.drivenOff)} off
            </text>
          )}
        </g>
        <g fontSize={size} dominantBaseline="auto">
          <text x={Math.max(now - 8, 70)} y={TOP - 9} textAnchor="end" fontWeight="650" fill={ink("ink")}>
            now {number(ledger.now)}
          </text>
          {raw - now > 90 && (
            <text x={raw} y={TOP - 9} textAnchor="end" fill={ink("ink2")}>
              {phone ? "" : "raw "}
              {number(ledger.raw)}
            </text>
          )}
          <text x={stop} y={rule + 31} textAnchor="middle" fontWeight="650" fill={ink("ink")}>
            {number(ledger.stopReads)}
          </text>
          {now - stop > NEAR && (
            <text x={now} y={rule + 31} textAnchor="middle" fill={ink("ink")}>
              {number(ledger.reads)}
            </text>
          )}
          {raw - Math.max(now, stop) > NEAR && (
            <text x={raw} y={rule + 31} textAnchor="end" fill={ink("ink2")}>
              {number(ledger.raw + ledger.tare)}
            </text>
          )}
        </g>
      </svg>
    </Box>
  );
}
