import { RotateCcw } from 'lucide-react'
import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import { useBindings, useRecordBinding } from '@/api/queries'
import type { Binding } from '@/api/types'
import { Button } from '@/parts/Button'
import { keyed } from '@/parts/keyed'
import { clock, day } from '@/parts/words'
import type { View } from '../views'
import { Lamp } from './Lamp'
import { Trouble } from './Trouble'

/** The steps that bind this pair, a simulated receiver to practise them on, and the record. */
export function BindingView({ aircraft, document }: View) {
  const [acts, setActs] = useState<string[]>([])
  const [trouble, setTrouble] = useState<string>()
  const [binding, setBinding] = useState<Binding | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const bindings = useBindings(aircraft.id)
  const record = useRecordBinding(aircraft.id)
  const [note, setNote] = useState('')
  useEffect(() => {
    let wanted = true
    data(POST('/api/binding', { body: trouble ? { document, acts, trouble } : { document, acts } })).then(
      (answer) => {
        if (!wanted) return
        setBinding(answer)
        setProblem(null)
      },
      (error) => wanted && setProblem(said(error)),
    )
    return () => {
      wanted = false
    }
  }, [document, acts, trouble])
  // The acts are kept: trying again lives them once more, and goes on.
  const told = problem && (
    <p role="alert" className="flex items-center gap-3 px-4 py-2 text-rose lg:col-span-3">
      <span className="whitespace-pre-line">▲ {problem}</span>
      <Button onClick={() => setActs([...acts])}>Try again</Button>
    </p>
  )
  if (!binding) return told || <p className="p-6 text-muted">◌ Looking at the pair…</p>
  // How far along the guide the acts have come, in its order.
  let done = 0
  for (const act of acts) if (binding.guide[done]?.act === act) done++
  const act = (what: string) => setActs([...acts, what])
  return (
    <div className="grid h-full content-start gap-4 overflow-auto px-4 py-3 lg:grid-cols-[1fr_1fr_20rem]">
      {told}
      <section aria-label="Steps">
        <h2 className="font-semibold">How this pair binds: {binding.way}</h2>
        <ul className="mt-1 text-sm">
          {binding.cautions.map((caution) => (
            <li key={caution}>
              <span className="text-rose">▲</span> {caution}
            </li>
          ))}
        </ul>
        <ol className="mt-2 grid gap-1.5">
          {keyed(binding.guide, (step) => step.act).map(({ key, item: step, index }) => (
            <li
              key={key}
              data-step={index}
              className={`flex items-center gap-3 rounded-lg border px-3 py-1.5 ${index === done ? 'border-sodium' : 'border-line'} bg-raised`}
            >
              <span className={index < done ? 'text-teal' : 'text-muted'}>{index < done ? '✓' : `${index + 1}`}</span>
              <span className="min-w-0 flex-1">{step.says}</span>
              {index === done && <Button onClick={() => act(step.act)}>Next</Button>}
            </li>
          ))}
        </ol>
      </section>
      <section aria-label="Simulated receiver">
        <h2 className="font-semibold">Practice receiver</h2>
        <p className="text-muted text-sm">
          Simulated. It fails as real ones do: try another order, stand close, choose another sub-type, give it a
          trouble.
        </p>
        <Trouble all={binding.troubles} has={trouble} give={setTrouble} />
        <div className="mt-2 flex items-center gap-4 rounded-xl border border-line bg-deep p-4">
          <Lamp shows={binding.lamp} />
          <div className="min-w-0">
            <p data-lamp={binding.lamp}>
              Lamp {binding.lampSays}
              {binding.telemetry && <span className="text-teal"> · ✓ a reading comes back</span>}
              {binding.arrives && <span className="text-teal"> · ✓ channels arrive</span>}
            </p>
            <p role="status" data-receiver-says className={binding.hears ? 'text-teal' : 'text-sodium'}>
              {binding.says}
            </p>
          </div>
        </div>
        <div className="mt-2 grid grid-cols-2 gap-1.5">
          {binding.acts.map((one) => (
            <Button key={one.act} className="min-h-9 justify-start text-left" onClick={() => act(one.act)}>
              {one.says}
            </Button>
          ))}
        </div>
        <Button look="bare" className="mt-2" onClick={() => setActs([])}>
          <RotateCcw size={15} aria-hidden /> Start over
        </Button>
      </section>
      <section aria-label="Record">
        <h2 className="font-semibold">Record a bind</h2>
        <label htmlFor="binding-note" className="text-muted text-sm">
          What you saw: lamp, reading
        </label>
        <input
          id="binding-note"
          value={note}
          maxLength={200}
          onChange={(event) => setNote(event.target.value)}
          className="h-9 w-full rounded-lg border border-line bg-deep px-2.5"
        />
        <Button
          look="main"
          className="mt-2"
          disabled={record.isPending}
          onClick={() => record.mutate(note.trim(), { onSuccess: () => setNote('') })}
        >
          Record
        </Button>
        {record.error && <p className="text-rose text-sm">▲ {said(record.error)}</p>}
        <ul className="mt-3 grid gap-1 text-sm">
          {(bindings.data?.bindings ?? []).map((one) => (
            <li key={one.at + one.note} data-binding className="rounded-lg border border-line px-2.5 py-1.5">
              {one.holds ? <span className="text-teal">✓ </span> : null}
              {day(one.at)}, {clock(one.at)}, revision {one.revision}
              {!one.holds && (
                <span className="block text-sodium">
                  ▲ Receiver, link, sub-type or firmware changed since: bind again.
                </span>
              )}
              <span className="block text-muted">{one.kit}</span>
              {one.note && <span className="block">“{one.note}”</span>}
            </li>
          ))}
          {bindings.data?.bindings.length === 0 && <li className="text-muted">Not recorded yet.</li>}
        </ul>
      </section>
    </div>
  )
}
