import { loafPath, recessPath } from "../ui/recess";
import { ink } from "../ui/theme";

const WIDE = 54;
const HIGH = 34;

/** A small tin: empty while nobody looked, with its loaf in it when it is done, the loaf across the rim when it does not fit. */
export function GateGlyph({ state }: { state: "open" | "done" | "trouble" }) {
  return (
    <svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true" style={{ flexShrink: 0 }}>
      <title>Gate</title>
      {state !== "done" && <rect x="11" y="9" width="32" height="20" fill={ink("well")} />}
      {state === "done" && <path d={loafPath(16, 38, 29, 17)} fill={ink("rim")} />}
      <path d={recessPath(WIDE, 9, 20, 10, 44)} fill="none" stroke={ink("rim")} strokeWidth="2.6" />
      {state === "trouble" && <path d={loafPath(5, 49, 10, 10)} fill={ink("ink")} />}
    </svg>
  );
}
