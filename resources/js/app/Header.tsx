import { Download, Redo2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { useProof } from '@/api/proof'
import type { Aircraft } from '@/api/types'
import { useWorkbench, workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { Tip } from '@/parts/Tip'
import { clock } from '@/parts/words'
import { History } from './History'

const MARKS = { error: ['▲', 'text-rose'], warning: ['▲', 'text-sodium'], note: ['○', 'text-muted'] } as const

/** The worst thing that is open, in words; calm where there's none. */
function Worst({ aircraft }: { aircraft: Aircraft }) {
  const { proof } = useProof()
  const [first, ...more] = proof?.findings ?? []
  const unchecked = proof?.rules.filter((one) => one.answer === 'not checked') ?? []
  const others = unchecked.length - 1 + (proof?.findings.length ?? 0)
  // What nobody could check comes before what is only worth a look.
  if (unchecked[0] && first?.severity !== 'error') {
    return (
      <p role="status" className="min-w-0 truncate text-sm">
        <Link to={`/aircraft/${aircraft.id}/prove/findings`} className="text-sodium hover:underline">
          ◌ Not checked: {unchecked[0].why}
          {others > 0 && `, and ${others} more`}
        </Link>
      </p>
    )
  }
  if (!proof || !first) {
    return (
      <p className="min-w-0 truncate text-muted text-sm">
        {proof ? `✓ Proved: ${proof.states} switch positions` : '◌ Proving…'}
      </p>
    )
  }
  const [mark, tone] = MARKS[first.severity]
  return (
    <p role="status" className="min-w-0 truncate text-sm">
      <Link to={`/aircraft/${aircraft.id}/prove/findings`} className={`hover:underline ${tone}`}>
        {mark} {first.says}
        {more.length > 0 && `, and ${more.length} more`}
      </Link>
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
  const { saving, waits, problem, gone, notice, document } = useWorkbench()
  const [history, setHistory] = useState(false)
  return (
    <header className="shrink-0 print:hidden border-line border-b">
      <div className="flex h-13 items-center gap-3 px-3 md:px-4">
        <h1 className="max-w-[38vw] truncate font-semibold text-lg md:max-w-72">{document?.name ?? aircraft.name}</h1>
        <p className="hidden shrink-0 text-muted text-sm sm:block">{aircraft.familyTitle}</p>
        <Tip says="History">
          <button
            type="button"
            data-saving={saving}
            data-revision={aircraft.revision}
            onClick={() => setHistory(true)}
            className="min-h-9 shrink-0 rounded-lg px-2 text-sm hover:bg-line/60"
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
        <div className="min-w-0 flex-1 text-right">
          <Worst aircraft={aircraft} />
        </div>
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
      {problem && (
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
              Bring the aircraft back
            </Button>
          )}
          <Button onClick={() => workbench.takeBack()}>Take the change back</Button>
        </div>
      )}
    </header>
  )
}
