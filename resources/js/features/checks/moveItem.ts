/** A list with one of it moved a place up or down; at an end it stays. */
export function moveItem<Item>(items: readonly Item[], at: number, by: -1 | 1): Item[] {
  const next = [...items];
  const [item] = next.splice(at, 1);
  if (item !== undefined) {
    next.splice(Math.max(0, Math.min(items.length - 1, at + by)), 0, item);
  }
  return next;
}
