const LONGEST = 40

/** The id that follows from a name: “Left dial” is left-dial; another where it's taken. */
export function idOf(name: string, taken: ReadonlySet<string> = new Set()): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[-0-9]+|-+$/g, '')
  const stem = plain || 'own'
  let id = stem.slice(0, LONGEST)
  for (let number = 2; taken.has(id); number++) {
    const tail = `-${number}`
    id = stem.slice(0, LONGEST - tail.length) + tail
  }
  return id
}
