/** The two short walls of what sinks into a rule; it stands relative, with the rule at its foot. */
export const sunk = {
  "&::before, &::after": {
    content: '""',
    position: "absolute",
    bottom: 0,
    width: "2px",
    height: "9px",
    background: "rim",
  },
  "&::before": { left: 0 },
  "&::after": { right: 0 },
} as const;
