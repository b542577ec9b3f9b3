import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { useFrame } from '@/api/live'
import { edit, propose } from '@/api/proposals'
import { isStepped, type Phase, type ProportionalFunction, type Shape } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { IconButton } from '@/parts/IconButton'
import { NumberField } from '@/parts/NumberField'
import { TextField } from '@/parts/TextField'
import { tell } from '@/parts/toast'
import { percent } from '@/parts/words'
import { ConditionDialog } from '../../conditions/ConditionDialog'
import { both } from '../pairs'
import type { View } from '../views'
import { NamedConditions } from './NamedConditions'
import { NewPhase } from './NewPhase'

const put = (id: string, change: Partial<Phase>, note: string) =>
  workbench.edit(
    (now) => ({ ...now, phases: (now.phases ?? []).map((one) => (one.id === id ? { ...one, ...change } : one)) }),
    note,
  )

function summary(shape: Shape | undefined): string {
  if (!shape) return '·'
  const [low, high] = both(shape.rate, 1)
  const rate = low === high ? percent(high) : `${percent(low)} / ${percent(high)}`
  return `${rate}, ${shape.curve ? shape.curve : `expo ${percent(shape.expo ?? 0)}`}`
}

/** The phases in their order: when each is active, how it fades in, and how the functions answer in it. */
export function PhasesView({ aircraft, document }: View) {
  const now = useFrame((frame) => frame.phase)
  const [making, setMaking] = useState<string | null>(null)
  const [changing, setChanging] = useState<Phase | null>(null)
  const phases = document.phases ?? []
  const shaped = (document.functions ?? []).filter((one): one is ProportionalFunction => !isStepped(one))
  const act = (what: Parameters<typeof edit>[0], note: string) =>
    void edit(what, note).then((answer) => 'problem' in answer && tell(answer.problem, { kind: 'problem' }))
  const notes = aircraft.gaps.filter((gap) => gap.includes('can never be active'))
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1 text-muted text-sm">
          From the top, the first whose condition holds is active. {phases[0]?.name} is active where no other is.
        </p>
        <Button look="main" onClick={() => setMaking(phases[0]?.id ?? 'main')}>
          <Plus size={16} aria-hidden /> New phase
        </Button>
      </div>
      {notes.map((note) => (
        <p key={note} role="status" className="mt-2 rounded-lg border border-sodium px-3 py-1.5 text-sm">
          <span className="text-sodium">▲</span> {note}
        </p>
      ))}
      <ol aria-label="Phases" className="mt-2 grid gap-1.5">
        {[...phases.slice(1), ...phases.slice(0, 1)].map((phase) => {
          const base = phase === phases[0]
          const active = now === phase.id
          return (
            <li
              key={phase.id}
              data-phase={phase.id}
              className={`grid grid-cols-[1.5rem_1fr_6.5rem] items-center gap-2 md:grid-cols-[1.5rem_minmax(7rem,11rem)_minmax(10rem,1fr)_6.5rem_auto] rounded-lg border bg-raised px-3 py-1 ${active ? 'border-sodium' : 'border-line'}`}
            >
              <span className={active ? 'text-sodium' : 'text-muted'}>
                <span aria-hidden>{active ? '◆' : '◇'}</span>
                {active && <span className="sr-only">active now</span>}
              </span>
              <TextField
                label={`Name of ${phase.name}`}
                value={phase.name}
                onCommit={(name) => put(phase.id, { name }, `Renamed phase ${phase.name} to ${name}`)}
              />
              {base ? (
                <span className="text-muted text-sm max-md:order-last max-md:col-span-3 max-md:px-2">else</span>
              ) : (
                <button
                  type="button"
                  onClick={() => setChanging(phase)}
                  className="min-h-9 min-w-0 break-words rounded-lg px-2 text-left text-sm hover:bg-line max-md:order-last max-md:col-span-3 max-md:min-h-11"
                >
                  <span className="text-muted">when </span>
                  {aircraft.words.phases[phase.id] ?? '…'}
                </button>
              )}
              <NumberField
                label={`${phase.name} fades in over`}
                unit="s"
                value={phase.fade ?? 0}
                least={0}
                most={60}
                onChange={(fade) => put(phase.id, { fade }, `${phase.name} fades in over ${fade} s`)}
              />
              <span className="flex max-md:order-last max-md:col-span-3">
                <IconButton
                  icon={ArrowUp}
                  label={`${phase.name} further up`}
                  disabled={base || phase === phases[1]}
                  onClick={() => act((now) => propose.movePhase(now, phase.id, -1), `${phase.name} further up`)}
                />
                <IconButton
                  icon={ArrowDown}
                  label={`${phase.name} further down`}
                  disabled={base || phase === phases.at(-1)}
                  onClick={() => act((now) => propose.movePhase(now, phase.id, 1), `${phase.name} further down`)}
                />
                <IconButton icon={Copy} label={`New phase like ${phase.name}`} onClick={() => setMaking(phase.id)} />
                <IconButton
                  icon={Trash2}
                  label={`Remove ${phase.name}`}
                  disabled={base}
                  onClick={() => act((now) => propose.removePhase(now, phase.id), `Removed phase ${phase.name}`)}
                />
              </span>
            </li>
          )
        })}
      </ol>
      <div className="mt-3">
        <table className="w-full text-sm max-md:block">
          <caption className="pb-1 text-left text-muted max-md:block">
            How each function answers: rate, then expo or curve. A dot takes the first phase’s.
          </caption>
          <thead className="max-md:sr-only">
            <tr className="text-left">
              <th scope="col" className="py-1 pr-3 font-normal text-muted">
                Function
              </th>
              {phases.map((phase) => (
                <th
                  key={phase.id}
                  scope="col"
                  className={`py-1 pr-3 font-semibold ${now === phase.id ? 'text-sodium' : ''}`}
                >
                  {phase.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="max-md:block">
            {shaped.map((fn) => (
              <tr key={fn.id} className="border-line border-t max-md:grid max-md:grid-cols-2 max-md:py-1">
                <th
                  scope="row"
                  className="break-words py-0.5 pr-3 text-left font-normal max-md:col-span-2 max-md:font-semibold"
                >
                  {fn.name}
                </th>
                {phases.map((phase) => (
                  <td key={phase.id} className="break-words py-0.5 pr-3">
                    <span aria-hidden className="text-muted md:hidden">
                      {phase.name}
                    </span>
                    <Link
                      to={`/aircraft/${aircraft.id}/program/rates?of=${fn.id}&phase=${phase.id}`}
                      aria-label={`${fn.name} in ${phase.name}: ${summary(fn.shape?.[phase.id])}`}
                      className="figures block rounded px-1 py-0.5 hover:bg-line"
                    >
                      {summary(fn.shape?.[phase.id])}
                    </Link>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <NamedConditions aircraft={aircraft} document={document} />
      {making && <NewPhase aircraft={aircraft} document={document} like={making} onClose={() => setMaking(null)} />}
      {changing && (
        <ConditionDialog
          aircraft={aircraft}
          document={document}
          title={`When ${changing.name} is active`}
          words={aircraft.words.phases[changing.id] ?? ''}
          value={changing.when ?? null}
          onTake={(when) => put(changing.id, { when }, `${changing.name}: another condition`)}
          onClose={() => setChanging(null)}
        />
      )}
    </div>
  )
}
