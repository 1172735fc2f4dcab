/** What stands before the comma: "Leeks, white and pale green" are leeks. */
export const shortName = (name: string) => name.split(",")[0] ?? name;
