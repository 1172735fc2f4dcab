/** An amount at the beginning, as far as letters tell: what stands behind it is the name. */
const AMOUNT =
  /^\s*(?:(?:about|~)?\s*[\d½¼¾⅓⅔][\d.,/½¼¾ -]*\s*(?:kg|g|ml|dl|l|oz|lb|tbsp|tsp|cups?|x)?\b\s*(?:of\s+)?|(?:an?|half an?|some|two|three|four|six)\s+(?:(?:handful|knob|pinch|splash|bunch|bag|tin|jar|pack)s?\s+(?:of\s+)?)?)/i;

/** What a cook said, cut into amount, name of the food, and the rest. */
export function spokenName(words: string): { amount: string; name: string; rest: string } {
  const amount = AMOUNT.exec(words)?.[0] ?? "";
  const name = words.slice(amount.length).split(",")[0] ?? "";
  return { amount, name, rest: words.slice(amount.length + name.length) };
}
