import { useBenchRecord } from '@/api/queries'
import { useWorkbench } from '@/api/workbench'
import { StepHead } from './StepHead'

type Props = { step: string; title: string; says: string }

/** A step that is done by looking, where this aircraft needs it. */
export function PlainStep({ step, title, says }: Props) {
  const { aircraft } = useWorkbench('aircraft')
  const record = useBenchRecord(aircraft?.id ?? 0, aircraft?.revision ?? 0)
  if (!record.data?.steps.some((one) => one.id === step)) return null
  return (
    <section aria-label={title} className="rounded-xl border border-line bg-raised p-3">
      <StepHead step={step}>{title}</StepHead>
      <p className="text-muted text-sm">{says}</p>
    </section>
  )
}
