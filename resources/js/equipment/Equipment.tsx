import { Copy, Download, History as HistoryIcon, Pencil, Plus, Trash2, Upload } from 'lucide-react'
import { lazy, Suspense, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Refusal } from '@/api/client'
import { load } from '@/api/load'
import { said } from '@/api/proposals'
import { useStores, useStoresChange } from '@/api/queries'
import type { Definition, StoreKind } from '@/api/types'
import { Button } from '@/parts/Button'
import { download } from '@/parts/download'
import { IconButton } from '@/parts/IconButton'
import { idOf } from '@/parts/idOf'
import { Segments } from '@/parts/Segments'
import { tell } from '@/parts/toast'
import { FiveMinutes } from './FiveMinutes'
import { facts } from './facts'
import { Revisions } from './Revisions'

/** The form's library is large, and needed only here. */
const Editor = lazy(() => load(() => import('./Editor')))

/** Everything that kit is chosen from: what ships with the app, and the pilot's own definitions, in an open format. */
export default function Equipment() {
  const { data, error } = useStores()
  const change = useStoresChange()
  const [query, setQuery] = useSearchParams()
  const kinds = data?.definitions ?? []
  const named = kinds.find((one) => one.kind === query.get('kind')) ?? kinds[0]
  const kind: StoreKind = named?.kind ?? 'transmitters'
  const [editing, setEditing] = useState<{ start: Definition; base?: number | undefined } | null>(null)
  const [asking, setAsking] = useState(false)
  const [looking, setLooking] = useState<{ of: Definition; present: number } | null>(null)
  const file = useRef<HTMLInputElement>(null)
  const items = named?.items ?? []
  const fail = (problem: unknown) => tell(said(problem), { kind: 'problem' })

  /** An id that nothing has yet. */
  const free = (wish: string) => {
    const taken = new Set(items.map((one) => one.document.id))
    let id = wish.slice(0, 38)
    for (let number = 2; taken.has(id); number++) id = `${wish.slice(0, 36)}-${number}`
    return id
  }
  const copy = (of: Definition) => {
    const name = `${of.name.slice(0, 54)} copy`
    setEditing({ start: { ...of, id: free(idOf(name)), name } })
  }
  /** One to begin with, every key in its place. */
  const create = () => {
    if (kind === 'transmitters') return setAsking(true)
    const like = items[0]?.document
    if (like) setEditing({ start: { ...like, id: free(`new-${kind.slice(0, -1)}`), name: `New ${named?.one}` } })
  }
  const give = (of: Definition) =>
    download(new Blob([`${JSON.stringify(of, null, 2)}\n`], { type: 'application/json' }), `${of.id}.json`)
  /** Where something still needs it that is told first; it can be brought back either way. */
  const remove = (of: Definition, anyway = false) => {
    const undo = { name: 'Undo', run: () => void change.restore(kind, of.id).catch(fail) }
    const still = { name: 'Remove anyway', run: () => remove(of, true) }
    change.remove(kind, of.id, anyway).then(
      () => tell(`${of.name} is removed.`, { action: undo }),
      (problem) =>
        problem instanceof Refusal && problem.status === 409
          ? tell(problem.message, { kind: 'problem', action: still })
          : fail(problem),
    )
  }
  const upload = async (from: File | undefined) => {
    if (!from) return
    try {
      await change.keep(kind, JSON.parse(await from.text()))
      tell(`${from.name} is in Equipment.`)
    } catch (problem) {
      if (problem instanceof SyntaxError) tell(`${from.name} isn’t JSON: ${problem.message}`, { kind: 'problem' })
      else fail(problem)
    }
  }

  return (
    <main className="mx-auto flex h-full w-full max-w-5xl flex-col overflow-auto px-5 py-5">
      <h1 className="font-semibold text-2xl">Equipment</h1>
      <p className="text-muted">
        What kit and flights are chosen from. What ships with the app stays as it is; copy it to make it your own.
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <Segments
          label="Kind"
          value={kind}
          options={kinds.map((one) => ({ id: one.kind, name: one.title }))}
          onChange={(to) => setQuery({ kind: to }, { replace: true })}
        />
        <span className="flex-1" />
        <Button onClick={create}>
          <Plus size={15} aria-hidden /> New {named?.one}
        </Button>
        <Button aria-label={`Import a ${named?.one}`} onClick={() => file.current?.click()}>
          <Upload size={15} aria-hidden /> Import
        </Button>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          aria-label={`File of a ${named?.one}`}
          className="hidden"
          onChange={(event) => {
            void upload(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </div>
      {error && <p className="mt-3 text-rose">▲ {error.message}</p>}
      <ul className="mt-3 grid gap-2 sm:grid-cols-2">
        {items.map(({ own, revision, document }) => (
          <li
            key={document.id}
            data-definition={document.id}
            className="rounded-xl border border-line bg-raised px-4 py-3"
          >
            <div className="flex items-start gap-1">
              <h2 className="min-w-0 flex-1 truncate font-semibold">
                {document.name}{' '}
                <span className="font-normal text-muted text-sm">{own ? '◆ your own' : '◇ ships with the app'}</span>
              </h2>
              {own && (
                <IconButton
                  icon={HistoryIcon}
                  label={`History of ${document.name}`}
                  onClick={() => setLooking({ of: document, present: revision ?? 0 })}
                />
              )}
              {own && (
                <IconButton
                  icon={Pencil}
                  label={`Edit ${document.name}`}
                  onClick={() => setEditing({ start: document, base: revision ?? undefined })}
                />
              )}
              <IconButton icon={Copy} label={`Copy ${document.name}`} onClick={() => copy(document)} />
              <IconButton icon={Download} label={`Export ${document.name}`} onClick={() => give(document)} />
              {own && <IconButton icon={Trash2} label={`Remove ${document.name}`} onClick={() => remove(document)} />}
            </div>
            <p className="text-muted text-sm">{facts(document).join(' · ')}</p>
          </li>
        ))}
      </ul>
      {looking && (
        <Revisions
          kind={kind}
          {...looking}
          onRestore={(revision) => {
            setLooking(null)
            change.restore(kind, looking.of.id, revision).catch(fail)
          }}
          onClose={() => setLooking(null)}
        />
      )}
      {asking && data && (
        <FiveMinutes
          stores={data}
          free={free}
          onMade={(start) => {
            setAsking(false)
            setEditing({ start })
          }}
          onClose={() => setAsking(false)}
        />
      )}
      {editing && (
        <Suspense fallback={<p className="p-6 text-muted">◌ Opening…</p>}>
          <Editor kind={kind} {...editing} onClose={() => setEditing(null)} />
        </Suspense>
      )}
    </main>
  )
}
