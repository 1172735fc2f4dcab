import { ink } from "./theme";

/** The mark: laminated dough, one fold of it warm. */
export function Mark({ size = 36 }: { size?: number }) {
  return (
    <svg
      width={size}
      height={size * 0.8}
      viewBox="0 0 40 32"
      fill="none"
      strokeWidth="2.6"
      strokeLinecap="round"
      aria-hidden="true"
    >
      <title>Hojaldre</title>
      <path d="M4 5h29a3.5 3.5 0 0 1 0 7H7" stroke={ink("rim")} />
      <path d="M7 12a3.5 3.5 0 0 0 0 7h26" stroke={ink("heat")} />
      <path d="M33 19a3.5 3.5 0 0 1 0 7H4" stroke={ink("rim")} />
    </svg>
  );
}
