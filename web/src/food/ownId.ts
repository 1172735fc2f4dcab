/** A free id for a food of the kitchen's own. */
export const ownId = (name: string, taken: string[]) => {
  const plain = name
    .normalize("NFD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 28);
  let id = `own-${plain || "food"}`;
  for (let n = 2; taken.includes(id); n++) id = `own-${plain || "food"}-${n}`;
  return id;
};
