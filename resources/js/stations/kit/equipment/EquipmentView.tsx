import { Printer } from 'lucide-react'
import { data, POST } from '@/api/client'
import { useOfDraft } from '@/api/drafts'
import { Button } from '@/parts/Button'
import type { View } from '../views'
import { Choices } from './Choices'
import { Verdict } from './Verdict'
import { Wiring } from './Wiring'

/** What is on the bench: the choices, whether they fit, and how they are wired. */
export function EquipmentView({ aircraft, document }: View) {
  const look = useOfDraft((draft) => data(POST('/api/kit', { body: { document: draft, aircraft: aircraft.id } })))
  return (
    <div className="flex h-full min-h-0 flex-col overflow-auto lg:flex-row lg:items-stretch">
      <Choices aircraft={aircraft} document={document} />
      <section aria-label="Wiring" className="flex min-h-96 min-w-0 flex-1 flex-col border-line px-3 py-3 lg:border-x">
        <div className="flex items-center justify-between">
          <h2 className="text-muted text-sm">
            Wiring plan. <span className="text-rose">▲ Propellers off, antenna on before power.</span>
          </h2>
          <Button look="bare" className="print:hidden" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </div>
        {look ? <Wiring leads={look.leads} /> : <p className="m-auto text-muted">◌ Drawing…</p>}
      </section>
      <Verdict look={look} />
    </div>
  )
}
