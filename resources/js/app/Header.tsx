import { Download, Redo2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { useConnection } from '@/api/connection'
import { useProof } from '@/api/proof'
import { useReadiness } from '@/api/queries'
import type { Aircraft } from '@/api/types'
import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Tip } from '@/parts/Tip'
import { clock } from '@/parts/words'
import { HeaderMenu } from './HeaderMenu'
import { History } from './History'

/** What to do next, from the readiness list; an error of the proof comes before everything. */
function NextStep({ aircraft }: { aircraft: Aircraft }) {
  const { proof, stopped } = useProof()
  const { data: readiness } = useReadiness(aircraft.id, aircraft.revision)
  const errors = proof?.findings.filter((one) => one.severity === 'error') ?? []
  const at = (place: string) => `/aircraft/${aircraft.id}/${place}`
  const [error] = errors
  if (error) {
    return (
      <p role="status" className="min-w-0 truncate text-sm">
        <Link
          to={at('prove/findings')}
          className="block truncate text-rose hover:underline max-md:leading-11"
          title={error.says}
        >
          ▲ {error.says}
          {errors.length > 1 && `, and ${errors.length - 1} more`}
        </Link>
      </p>
    )
  }
  if (stopped) {
    return (
      <Link to={at('prove/findings')} className="text-sodium text-sm hover:underline max-md:leading-11">
        ◌ Not proven: stopped
      </Link>
    )
  }
  if (!proof || !readiness) return <p className="min-w-0 truncate text-muted text-sm">◌ Proving…</p>
  const { next } = readiness
  return (
    <p role="status" className="flex min-w-0 items-center justify-end gap-3 text-sm">
      <Link
        to={at('fly/ready')}
        data-settled={readiness.settled}
        className="shrink-0 text-muted hover:underline max-md:leading-11"
      >
        {readiness.ready ? (
          <span className="text-teal">✓ Ready to fly</span>
        ) : (
          `${readiness.settled} of ${readiness.all} done`
        )}
        {readiness.reservations.length > 0 && <span className="text-sodium"> ◇ {readiness.reservations.length}</span>}
      </Link>
      {next && (
        <Link
          to={at(next.place)}
          className="min-w-0 truncate text-sodium hover:underline max-md:leading-11"
          title={next.says}
        >
          {next.action} →
        </Link>
      )}
    </p>
  )
}

const SAVING = {
  unsaved: '● Not saved yet',
  saving: '◌ Saving…',
  refused: '▲ Not saved',
  lost: '▲ Not saved yet',
}

export function Header({ aircraft }: { aircraft: Aircraft }) {
  const {
    saving: draft,
    waits,
    problem,
    gone,
    notice,
    document,
    asked,
  } = useWorkbench('saving', 'waits', 'problem', 'gone', 'notice', 'document', 'asked')
  const saving = draft === 'saved' && asked > 0 ? 'saving' : draft
  const { restored } = useConnection()
  const [history, setHistory] = useState(false)
  return (
    <header className="shrink-0 print:hidden border-line border-b">
      <div className="flex h-13 items-center gap-3 px-3 max-md:h-auto max-md:flex-wrap max-md:gap-y-0 md:px-4">
        <h1 className="max-w-[38vw] truncate font-semibold text-lg md:max-w-72" title={document?.name ?? aircraft.name}>
          {document?.name ?? aircraft.name}
        </h1>
        <p className="hidden shrink-0 text-muted text-sm sm:block">{aircraft.familyTitle}</p>
        <Tip says="History">
          <button
            type="button"
            data-saving={saving}
            data-revision={aircraft.revision}
            onClick={() => setHistory(true)}
            className="min-h-9 max-md:min-h-11 max-md:min-w-11 shrink-0 rounded-lg px-2 text-sm hover:bg-line/60"
          >
            <span className="sr-only md:not-sr-only">Revision </span>
            <span aria-hidden className="md:hidden">
              r
            </span>
            {aircraft.revision}
            <span className={saving === 'refused' || saving === 'lost' ? 'text-rose' : 'text-muted'}>
              {saving !== 'saved' && (
                <span aria-hidden className="md:hidden">
                  {' '}
                  {SAVING[saving].charAt(0)}
                </span>
              )}
              <span className="sr-only md:not-sr-only">
                {' · '}
                {saving === 'saved' ? `saved at ${clock(aircraft.savedAt)}` : SAVING[saving]}
              </span>
            </span>
          </button>
        </Tip>
        {history && <History aircraft={aircraft} onClose={() => setHistory(false)} />}
        <div className="min-w-0 flex-1 text-right max-md:order-last max-md:basis-full">
          <NextStep aircraft={aircraft} />
        </div>
        <span className="flex-1 md:hidden" />
        <Tip says={aircraft.undo ? `Undo: ${aircraft.undo}` : 'Nothing to undo'}>
          <Button look="bare" aria-label="Undo" disabled={!aircraft.undo} onClick={() => void workbench.undo()}>
            <Undo2 size={18} aria-hidden />
          </Button>
        </Tip>
        <Tip says={aircraft.redo ? `Redo: ${aircraft.redo}` : 'Nothing to redo'}>
          <Button look="bare" aria-label="Redo" disabled={!aircraft.redo} onClick={() => void workbench.redo()}>
            <Redo2 size={18} aria-hidden />
          </Button>
        </Tip>
        <a
          href={`/api/aircraft/${aircraft.id}/export/whole`}
          download
          className="hidden min-h-9 items-center gap-1.5 rounded-lg border border-line bg-raised px-3 text-sm hover:border-edge md:inline-flex"
        >
          <Download size={16} aria-hidden /> Export
        </a>
        <HeaderMenu aircraft={aircraft} />
      </div>
      {waits && (
        <p role="status" className="border-sodium border-t bg-sodium/10 px-4 py-2 text-sm">
          ▲ Not saved yet: {waits} Your edit is kept in this browser and is sent again by itself.
        </p>
      )}
      {notice && (
        <div role="alert" className="flex items-start gap-3 border-sodium border-t bg-sodium/10 px-4 py-2 text-sm">
          <p className="min-w-0 flex-1">▲ {notice}</p>
          <Button onClick={workbench.heed}>Close</Button>
        </div>
      )}
      {problem && !restored && (
        <div role="alert" className="flex items-start gap-3 border-rose border-t bg-rose/10 px-4 py-2 text-sm">
          <div className="min-w-0 flex-1">
            <strong>▲ Not saved.</strong>{' '}
            {problem.faults.length > 0
              ? problem.faults.slice(0, 3).map((fault) => (
                  <p key={fault.path + fault.says}>
                    {fault.path && <code className="figures">{fault.path}: </code>}
                    {fault.says}
                  </p>
                ))
              : problem.message}
          </div>
          {gone && (
            <Button look="main" onClick={() => void workbench.bringBack()}>
              Restore the aircraft
            </Button>
          )}
          <Button onClick={() => workbench.takeBack()}>Undo the change</Button>
        </div>
      )}
    </header>
  )
}
