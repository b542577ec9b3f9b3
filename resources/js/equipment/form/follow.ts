import { idOf } from '@/parts/idOf'

type Named = { id?: unknown; name?: unknown }

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** The ids of a list, without those of one place. */
const others = (list: unknown[], place: number) =>
  new Set(list.flatMap((one, at) => (at !== place && isObject(one) && typeof one.id === 'string' ? [one.id] : [])))

/** An id that follows its name: one that nobody has seen yet, or that followed the name before. */
function idFor(before: unknown, after: Named, kept: ReadonlySet<string>, taken: ReadonlySet<string>) {
  const { id, name } = after
  if (typeof name !== 'string' || name.trim() === '') return id
  if (typeof id === 'string' && kept.has(id)) return id
  const was = isObject(before) && typeof before.name === 'string' ? before.name : ''
  const follows = typeof id !== 'string' || id === '' || id === idOf(was, taken) || was === ''
  return follows ? idOf(name, taken) : id
}

/**
 * A definition in which the ids of what is new follow their names; what is kept already keeps its ids, as programs use
 * them.
 */
export function followed<T>(before: unknown, after: T, kept: ReadonlySet<string>, taken?: ReadonlySet<string>): T {
  if (Array.isArray(after)) {
    const was = Array.isArray(before) ? before : []
    return after.map((one, place) => followed(was[place], one, kept, others(after, place))) as T
  }
  if (!isObject(after)) return after
  const was = isObject(before) ? before : {}
  const next: Record<string, unknown> = {}
  for (const [key, part] of Object.entries(after)) next[key] = followed(was[key], part, kept)
  if ('name' in after && taken) next.id = idFor(before, after, kept, taken)
  return next as T
}

/** Every id in a definition. */
export function idsIn(value: unknown): Set<string> {
  if (Array.isArray(value)) return new Set(value.flatMap((one) => [...idsIn(one)]))
  if (!isObject(value)) return new Set()
  const own = typeof value.id === 'string' ? [value.id] : []
  return new Set([...own, ...Object.values(value).flatMap((one) => [...idsIn(one)])])
}
