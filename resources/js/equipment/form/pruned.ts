const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * A value without the empty parts that a form writes for what is optional. What was empty from the start stays: a
 * document says so on purpose.
 */
export function pruned(value: unknown, start: unknown): unknown {
  if (Array.isArray(value))
    return value.map((item, index) => pruned(item, Array.isArray(start) ? start[index] : undefined))
  if (!isObject(value)) return value
  const before = isObject(start) ? start : {}
  const left: Record<string, unknown> = {}
  for (const [key, part] of Object.entries(value)) {
    const kept = pruned(part, before[key])
    const isEmpty = kept === undefined || (isObject(kept) && Object.keys(kept).length === 0)
    if (!isEmpty || (key in before && kept !== undefined)) left[key] = kept
  }
  return left
}
