import glossary from '../../../docs/glossary.md?raw'

/** The terms of docs/glossary.md with what they mean, by name. */
export const TERMS: ReadonlyMap<string, string> = new Map(
  [...glossary.matchAll(/^- \*\*(.+?)\*\*: (.+)$/gm)].map(([, term = '', means = '']) => [term, means]),
)
