import { ink } from "../../ui/theme";

/** A small recess; what is done or ticked lies in it as a loaf. */
export function SmallTin({ filled }: { filled: boolean }) {
  return (
    <svg width="44" height="26" aria-hidden>
      <path
        d="M1,4 H8 q3,0 3,3 V19 q0,3 3,3 H30 q3,0 3,-3 V7 q0,-3 3,-3 H43"
        fill="none"
        stroke={ink("rim")}
        strokeWidth="2.2"
      />
      {filled && <path d="M14,20 V13 q0,-7 8,-7 q8,0 8,7 V20 Z" fill={ink("rim")} />}
    </svg>
  );
}
