import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { type ConflictOfEdits, Draft, type Edit, keyOf, setAside } from './draft'
import { queries } from './queryClient'
import type { Aircraft, Program } from './types'

type Request = { path: string; body: Record<string, unknown>; keepalive: boolean }
type Answer = { status: number; json: unknown } | 'cut'

const QUIET_MS = 450
const RETRY_MS = 1500

/** What lies on this device: notes of edits, and null for what was dropped. */
const box = vi.hoisted(() => ({ kept: [] as (string | null)[], bases: [] as number[] }))
vi.mock('./box', () => ({
  box: {
    keep: async ({ note, base }: { note: string; base: number }) => {
      box.bases.push(base)
      box.kept.push(note)
    },
    drop: async () => {
      box.kept.push(null)
    },
  },
}))

let sent: Request[]
let answers: ((request: Request) => Answer | Promise<Answer>)[]

// The client takes what there is as it is made, which is before any test.
const server = vi.hoisted(() => {
  const server = { answer: (_: globalThis.Request): Promise<Response> => Promise.reject(new TypeError('cut')) }
  globalThis.fetch = (request) => server.answer(request as globalThis.Request)
  return server
})

const program = (notes: string) => ({ notes }) as unknown as Program
const edit = (notes: string, base = 1): Edit => ({ base, document: program(notes), note: notes })
const aircraft = (revision: number): Answer => ({ status: 200, json: { id: 7, revision } })
const version = (revision: number) => ({ revision, note: '', savedAt: '', document: {} })
const conflict = (base: number, current: number, aside: number | null): Answer => ({
  status: 409,
  json: { message: 'moved on', base, current: version(current), aside: aside === null ? null : version(aside) },
})
const merged = (clean: boolean): Answer => ({ status: 200, json: { clean, says: 'with Output 2' } })

/** Every request takes the next answer. */
function serve(...next: typeof answers) {
  answers = next
}

function draft(uuid?: string) {
  const changed: (number | null)[] = []
  const joined: string[] = []
  const seen: string[] = []
  const made: Draft = new Draft(
    7,
    (saved: Aircraft | null) => {
      seen.push(made.saving)
      if (saved) changed.push(saved.revision)
    },
    (says) => joined.push(says),
    uuid ? () => uuid : undefined,
  )
  return { made, changed, joined, seen }
}

const asked = () => sent.map(({ path, body }) => [path, body.base, body.aside].filter((one) => one !== undefined))

beforeEach(() => {
  sent = []
  box.kept = []
  box.bases = []
  vi.useFakeTimers()
  server.answer = async (request) => {
    const one = {
      path: new URL(request.url).pathname.replace('/api/aircraft/7/', ''),
      body: await request.json(),
      keepalive: request.keepalive,
    }
    sent.push(one)
    const answer = await answers.shift()?.(one)
    if (!answer || answer === 'cut') throw new TypeError('cut')
    return new Response(JSON.stringify(answer.json), { status: answer.status })
  }
})

afterEach(() => vi.useRealTimers())

test('an edit is sent once the pilot pauses, and is gone once it is saved', async () => {
  serve(() => aircraft(2))
  const { made, changed, seen } = draft()
  made.take(edit('a'))
  made.take(edit('b'))
  expect(made.saving).toBe('unsaved')
  expect(box.kept).toEqual(['a', 'b'])
  await vi.advanceTimersByTimeAsync(QUIET_MS - 1)
  expect(sent).toEqual([])
  await vi.advanceTimersByTimeAsync(1)
  expect(sent.map((one) => one.body.note)).toEqual(['b'])
  expect([made.edit, made.saving, changed]).toEqual([null, 'saved', [2]])
  expect(seen).toEqual(['unsaved', 'unsaved', 'saving', 'saved'])
  expect(box.kept).toEqual(['a', 'b', null])
  await vi.advanceTimersByTimeAsync(5000)
  expect(sent.length).toBe(1)
})

test('an edit that is sent at once isn’t sent again when the pause is over', async () => {
  serve(
    () => aircraft(2),
    () => aircraft(3),
  )
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  made.take(edit('b'))
  await vi.advanceTimersByTimeAsync(QUIET_MS - 1)
  expect(sent.length).toBe(1)
  await vi.advanceTimersByTimeAsync(1)
  expect(sent.length).toBe(2)
})

test('typing on starts the pause again', async () => {
  serve(() => aircraft(2))
  const { made } = draft()
  made.take(edit('a'))
  await vi.advanceTimersByTimeAsync(QUIET_MS - 50)
  made.take(edit('ab'))
  await vi.advanceTimersByTimeAsync(QUIET_MS - 50)
  expect(sent).toEqual([])
  await vi.advanceTimersByTimeAsync(50)
  expect(sent.map((one) => one.body.note)).toEqual(['ab'])
})

test('a save names the aircraft that is meant where it is known, and outlives the page where it may', async () => {
  serve(
    () => aircraft(2),
    () => aircraft(3),
    () => aircraft(4),
  )
  const { made } = draft('f00d')
  made.take(edit('a'))
  await made.flush()
  const long = (length: number) => ({ ...edit('b', 2), document: program('x'.repeat(length - '{"notes":""}'.length)) })
  made.take(long(59_999))
  await made.flush()
  made.take({ ...long(60_000), note: 'c' })
  await made.flush()
  expect(sent.map((one) => [one.body.uuid, one.keepalive])).toEqual([
    ['f00d', true],
    ['f00d', true],
    ['f00d', false],
  ])
  const nameless = draft().made
  serve(() => aircraft(2))
  nameless.take(edit('a'))
  await nameless.flush()
  expect(sent[3]?.body).not.toHaveProperty('uuid')
})

test('what is read while a save is on its way is let go, before and behind it', async () => {
  const let_go = vi.spyOn(queries, 'cancelQueries')
  serve(() => {
    expect(let_go).toHaveBeenCalledTimes(1)
    return aircraft(2)
  })
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  expect(let_go.mock.calls).toEqual([[{ queryKey: keyOf(7) }], [{ queryKey: keyOf(7) }]])
  let_go.mockRestore()
})

test('an edit is kept aside, and no conflict stands against that', async () => {
  serve(() => conflict(1, 2, 3))
  await setAside(7, edit('a'))
  expect(sent.map((one) => one.body.note)).toEqual(['a'])
  serve(() => ({ status: 422, json: { message: 'no', faults: [] } }))
  await expect(setAside(7, edit('a'))).rejects.toThrow('no')
})

test('what is typed during a save goes on from what was saved', async () => {
  const { made } = draft()
  serve(
    () => {
      made.take(edit('b'))
      return aircraft(2)
    },
    () => aircraft(3),
  )
  made.take(edit('a'))
  await made.flush()
  expect(asked()).toEqual([
    ['program', 1],
    ['program', 2],
  ])
  expect([made.edit, made.saving]).toEqual([null, 'saved'])
  expect([box.kept, box.bases]).toEqual([
    ['a', 'b', 'b', null],
    [1, 1, 2],
  ])
})

test('an edit that gets no answer is kept, told, and sent again', async () => {
  serve(
    () => 'cut',
    () => aircraft(2),
  )
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  expect([made.saving, made.edit?.note]).toEqual(['lost', 'a'])
  expect(box.kept).toEqual(['a'])
  expect(made.waits).toContain('doesn’t answer')
  await vi.advanceTimersByTimeAsync(RETRY_MS)
  expect([made.saving, made.waits, made.edit]).toEqual(['saved', null, null])
})

test('a refused edit stays with its reason, and nothing is sent until it is changed', async () => {
  serve(() => ({ status: 422, json: { message: 'no', faults: [] } }))
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  await made.flush()
  expect([made.saving, made.problem?.message, made.gone, sent.length]).toEqual(['refused', 'no', false, 1])
  serve(() => aircraft(2))
  made.take(edit('b'))
  await made.flush()
  expect([made.saving, made.problem]).toEqual(['saved', null])
})

test('an edit of an aircraft that is gone says so', async () => {
  serve(() => ({ status: 404, json: { message: 'gone', faults: [] } }))
  const { made, seen, changed } = draft()
  expect(made.gone).toBe(false)
  made.take(edit('a'))
  await made.flush()
  expect([made.saving, made.gone, made.edit?.note]).toEqual(['refused', true, 'a'])
  serve(() => aircraft(1))
  await made.again()
  expect([made.saving, made.gone, made.problem, changed]).toEqual(['saved', false, null, [1]])
  expect(seen).toEqual(['unsaved', 'saving', 'refused', 'unsaved', 'saving', 'saved'])
})

test('an edit of another part than was changed elsewhere is saved together with it', async () => {
  serve(
    () => conflict(1, 2, 3),
    () => merged(true),
    () => aircraft(4),
  )
  const { made, changed, joined } = draft()
  made.take(edit('a'))
  await made.flush()
  expect(asked()).toEqual([
    ['program', 1],
    ['merge', 2, 3],
    ['merge/keep', 2, 3],
  ])
  expect([made.edit, made.conflict, made.saving, changed, joined]).toEqual([
    null,
    null,
    'saved',
    [4],
    ['with Output 2'],
  ])
})

test('what is typed while both come together is an edit of what was kept aside', async () => {
  const { made, changed } = draft()
  serve(
    () => conflict(1, 2, 3),
    () => {
      made.take(edit('b'))
      return merged(true)
    },
    () => aircraft(4),
    () => conflict(3, 4, 5),
    () => merged(true),
    () => aircraft(6),
  )
  made.take(edit('a'))
  await made.flush()
  expect(asked().map((one) => one.join(' '))).toEqual([
    'program 1',
    'merge 2 3',
    'merge/keep 2 3',
    'program 3',
    'merge 4 5',
    'merge/keep 4 5',
  ])
  expect([made.edit, made.saving, changed]).toEqual([null, 'saved', [4, 6]])
})

test('where both changed the same the pilot is asked, and both are kept until then', async () => {
  serve(
    () => conflict(1, 2, 3),
    () => merged(false),
  )
  const { made, changed, joined } = draft()
  made.take(edit('a'))
  await made.flush()
  expect([made.saving, made.conflict?.aside.revision, made.edit?.note, made.since]).toEqual(['refused', 3, 'a', null])
  await made.flush()
  expect([sent.length, changed, joined]).toEqual([2, [], []])
})

test('what is typed before the pilot is asked goes on from what was kept aside', async () => {
  const { made, seen } = draft()
  serve(
    () => conflict(1, 2, 3),
    () => {
      made.take(edit('b'))
      return merged(false)
    },
  )
  made.take(edit('a'))
  await made.flush()
  expect([made.since?.note, made.since?.base, made.conflict?.current.revision]).toEqual(['b', 3, 2])
  expect([box.kept, box.bases]).toEqual([
    ['a', 'b', 'b'],
    [1, 1, 3],
  ])
  const before = seen.length
  made.movedOn(version(9) as never)
  expect([made.conflict?.current.revision, made.conflict?.aside.revision]).toEqual([9, 3])
  expect(seen.length).toBe(before + 1)
})

test('an aircraft that is changed once more while both come together is looked at again', async () => {
  serve(
    () => conflict(1, 2, 3),
    () => conflict(2, 4, null),
    () => merged(true),
    () => conflict(4, 5, null),
    () => merged(true),
    () => aircraft(6),
  )
  const { made, changed } = draft()
  made.take(edit('a'))
  await made.flush()
  expect(asked().map((one) => one.join(' '))).toEqual([
    'program 1',
    'merge 2 3',
    'merge 4 3',
    'merge/keep 4 3',
    'merge 5 3',
    'merge/keep 5 3',
  ])
  expect([made.saving, changed]).toEqual(['saved', [6]])
})

test('where the question itself gets no answer the pilot is asked', async () => {
  serve(
    () => conflict(1, 2, 3),
    () => 'cut',
  )
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  expect([made.saving, made.conflict?.aside.revision]).toEqual(['refused', 3])
})

test('an edit that the pilot takes back is gone', async () => {
  serve(
    () => conflict(1, 2, 3),
    () => merged(false),
  )
  const { made } = draft()
  made.take(edit('a'))
  await made.flush()
  made.drop()
  expect([made.edit, made.conflict, made.saving]).toEqual([null, null, 'saved'])
  expect(box.kept).toEqual(['a', null])
})

test('what is typed while something else that was asked for meets another version is an edit of its own base', async () => {
  const problem = (conflict(1, 2, 3) as { json: ConflictOfEdits }).json
  const { made, changed } = draft()
  serve(
    () => {
      made.take(edit('b'))
      return merged(true)
    },
    () => aircraft(4),
    () => aircraft(5),
  )
  await made.meet(problem, null)
  expect([made.edit?.note, made.edit?.base, made.saving, changed]).toEqual(['b', 1, 'unsaved', [4]])
  await made.flush()
  expect(asked().map((one) => one.join(' '))).toEqual(['merge 2 3', 'merge/keep 2 3', 'program 1'])

  serve(() => merged(false))
  made.take(edit('c', 5))
  await made.meet(problem, null)
  expect([made.since?.note, made.since?.base, made.saving]).toEqual(['c', 5, 'refused'])
})
