import { useRef, useState } from 'react'
import { Refusal } from '@/api/client'
import { said } from '@/api/proposals'
import { useStores, useStoresChange } from '@/api/queries'
import type { Definition, StoreKind } from '@/api/types'
import { Button } from '@/parts/Button'
import { Dialog } from '@/parts/Dialog'
import { Segments } from '@/parts/Segments'
import { TypedBefore } from '@/parts/TypedBefore'
import { forgetTyped, useKept } from '@/parts/useKept'
import { Front } from './Front'
import { DefinitionForm } from './form/DefinitionForm'
import type { Fault } from './form/faults'
import { followed, idsIn } from './form/follow'
import { inPlaces } from './form/places'
import { pruned } from './form/pruned'

const LOOKS = [
  { id: 'form', name: 'Form' },
  { id: 'text', name: 'Open document' },
]

const NOTHING: ReadonlySet<string> = new Set()

const written = (value: Definition) => JSON.stringify(value, null, 2)

type Props = { kind: StoreKind; start: Definition; base?: number | undefined; onClose: () => void }

/** A definition as a form, or as its open document; what is wrong is told with its path, and nothing is lost. */
export default function Editor({ kind, start, base, onClose }: Props) {
  const form = `${kind}/${start.id}/${base ?? 'new'}`
  const [value, setValue, valueIsBack] = useKept(`${form}/value`, start)
  const [text, setText, textIsBack] = useKept<string | null>(`${form}/text`, null, JSON.stringify(start))
  const close = () => {
    forgetTyped(form)
    onClose()
  }
  const [faults, setFaults] = useState<Fault[]>([])
  const change = useStoresChange()
  const stores = useStores().data
  const problems = useRef<HTMLDivElement>(null)
  // What is kept already is known by its ids.
  const kept = base === undefined ? NOTHING : idsIn(start)
  const put = (next: Definition) => setValue(followed(value, next, kept, base === undefined ? taken(next) : undefined))
  const taken = (of: Definition) =>
    new Set(
      (stores?.definitions ?? [])
        .filter((one) => one.kind === kind)
        .flatMap((one) => one.items.map((it) => it.document.id))
        .filter((id) => id !== of.id),
    )

  /** What was typed as text, or null where it is no JSON. */
  const read = (): Definition | null => {
    if (text === null) return pruned(value, start) as Definition
    try {
      return JSON.parse(text)
    } catch (problem) {
      setFaults([{ path: '', says: `This isn’t JSON: ${(problem as Error).message}` }])
      return null
    }
  }
  const look = (as: string) => {
    if (as === 'text') return setText(text ?? written(pruned(value, start) as Definition))
    const now = read()
    if (now === null) return
    setValue(now)
    setText(null)
  }
  const save = async () => {
    const now = read()
    if (now === null) return
    try {
      // Under another id it's another definition.
      await change.keep(kind, now, now.id === start.id ? base : undefined)
      close()
    } catch (problem) {
      if (problem instanceof Refusal && 'faults' in problem.problem) setFaults(problem.problem.faults)
      else setFaults([{ path: '', says: said(problem) }])
      // The first fault beside its field comes into view.
      window.requestAnimationFrame(() =>
        problems.current?.querySelector('[role=alert]')?.scrollIntoView({ block: 'center' }),
      )
    }
  }
  return (
    <Dialog
      open
      wide
      title={String(value.name ?? start.name)}
      says={kind === 'scenarios' ? 'What the pilot does, leg by leg.' : 'What it has, needs and can do.'}
      onClose={onClose}
      foot={
        <>
          <Button onClick={close}>Cancel</Button>
          <Button look="main" onClick={() => void save()}>
            Keep it
          </Button>
        </>
      }
    >
      {(valueIsBack || textIsBack) && (
        <TypedBefore
          onAfresh={() => {
            setValue(start)
            setText(null)
          }}
        />
      )}
      <div className="mb-3">
        <Segments label="Look at it as" value={text === null ? 'form' : 'text'} options={LOOKS} onChange={look} />
      </div>
      {text === null ? (
        <div ref={problems}>
          {kind === 'transmitters' && <Front value={value} onChange={put} />}
          <DefinitionForm kind={kind} value={value} stores={stores} faults={faults} onChange={put} />
        </div>
      ) : (
        <textarea
          aria-label="Definition"
          value={text}
          spellCheck={false}
          rows={18}
          onChange={(event) => setText(event.target.value)}
          className="figures w-full rounded-lg border border-line bg-deep px-3 py-2 text-sm"
        />
      )}
      {faults.length > 0 && (
        <ul role="alert" className="mt-2 rounded-lg border border-rose px-3 py-2 text-sm">
          {faults.map((fault) => (
            <li key={fault.path + fault.says}>
              <span className="text-rose">▲</span> {fault.path && `${inPlaces(fault.path)}: `}
              {fault.says}
            </li>
          ))}
        </ul>
      )}
    </Dialog>
  )
}
