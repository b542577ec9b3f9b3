import type { Aircraft, Program } from '@/api/types'
import { isStepped } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Choice } from '@/parts/Choice'
import { capital } from '@/parts/words'
import { driveOf } from '../drives'
import { Sheet } from './Sheet'
import { SwitchJobs } from './SwitchJobs'

type Props = { aircraft: Aircraft; document: Program; end: string; close: () => void }

/** What a control does, and another function to put on it: the loom's threads by keyboard. */
export function ControlSheet({ aircraft, document, end, close }: Props) {
  const [kind, id] = end.split(':') as [string, string]
  const control = aircraft.transmitterDefinition.controls.find((one) => one.id === id)
  const name = control?.name ?? `${capital(id)} stick`
  const functions = document.functions ?? []
  const reached = new Set(aircraft.threads.filter((one) => one.from === end).map((one) => one.to))
  const drives = functions.filter((fn) => reached.has(`function:${fn.id}`))
  const others = functions.filter((fn) => driveOf(fn) !== end && !(kind === 'axis' && isStepped(fn)))
  const phases = (document.phases ?? []).filter((phase) => reached.has(`phase:${phase.id}`))
  const jobs = aircraft.jobs[id] ?? []
  return (
    <Sheet title={name} kind={control?.kind ?? 'stick'} close={close}>
      {drives.length + phases.length + jobs.length === 0 ? (
        <p className="text-muted">Not used.</p>
      ) : (
        <ul className="space-y-1">
          {drives.map((fn) => (
            <li key={fn.id}>
              {driveOf(fn) === end ? 'Moves ' : 'Used in a condition of '}
              <strong>{fn.name}</strong>
            </li>
          ))}
          {phases.map((phase) => (
            <li key={phase.id}>
              Chooses the phase <strong>{phase.name}</strong>
            </li>
          ))}
          {jobs.map((job) => (
            <li key={job}>
              Works <strong>{job}</strong>
            </li>
          ))}
        </ul>
      )}
      {control && control.detents.length > 0 && <SwitchJobs document={document} control={control} />}
      {others.length > 0 && (
        <>
          <label htmlFor="control-assign" className="mt-2 text-muted text-sm">
            Assign a function
          </label>
          <Choice
            id="control-assign"
            label="Assign a function"
            value=""
            placeholder="Choose a function…"
            options={others.map((fn) => ({ id: fn.id, name: fn.name }))}
            onChange={(fn) => void workbench.assign(fn, end)}
          />
        </>
      )}
    </Sheet>
  )
}
