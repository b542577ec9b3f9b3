/** Items that have no id of their own, each with a key: its text, and which of that text it is. */
export function keyed<Item>(items: readonly Item[], text: (item: Item) => string) {
  const seen = new Map<string, number>()
  return items.map((item, index) => {
    const name = text(item)
    const times = (seen.get(name) ?? 0) + 1
    seen.set(name, times)
    return { key: `${name} ${times}`, item, index }
  })
}
