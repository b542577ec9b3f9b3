import { useEffect, useState } from 'react'
import { type Plan, rehearsal, useRehearsal } from '@/api/rehearsal'
import { isStepped } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { capital } from '@/parts/words'
import { Controls } from '@/recording/Controls'
import { Glances } from '@/recording/Glances'
import { LastHeard } from '@/recording/LastHeard'
import { Moment } from '@/recording/Moment'
import { Picture } from '@/recording/Picture'
import { Sentence } from '@/recording/Sentence'
import { usePlayback } from '@/recording/sound'
import { Timeline } from '@/recording/Timeline'
import { Verdict } from '@/recording/Verdict'
import { Words } from '@/recording/Words'
import { AlarmRow } from '../alarms/AlarmRow'
import type { View } from '../views'
import { LogPlan } from './LogPlan'
import { PlanForm } from './PlanForm'
import { TakeAway } from './TakeAway'

/** A whole flight by ear, before the aircraft is at risk. */
export default function RehearsalView({ aircraft, document, look }: View) {
  const state = useRehearsal()
  const mine = state.aircraft === aircraft.id
  const flown = mine ? state.flown : null
  const [plan, setPlan] = useState<Plan>(
    (mine && state.plan) || {
      script: look.scenarios[0]?.id ?? '',
      seed: 1,
      wind: look.wind.usual,
      windUnit: look.wind.unit,
      from: 250,
      charge: 1,
      milliwatts: 10,
      mishaps: [],
    },
  )
  const [whatIf, setWhatIf] = useState('')
  const heard = usePlayback(flown)
  const stale = mine && rehearsal.isStale(document)
  useEffect(() => {
    if (mine && !state.busy) void rehearsal.listen(document)
  }, [document, mine, state.busy])
  const names = {
    phase: 'Phase',
    ...Object.fromEntries((document.functions ?? []).map((one) => [one.id, one.name])),
    ...Object.fromEntries((document.phases ?? []).map((one) => [`phase ${one.id}`, one.name])),
    ...Object.fromEntries(
      (document.functions ?? [])
        .filter(isStepped)
        .flatMap((fn) => fn.steps.map((step) => [`${fn.id} ${step.id}`, step.name ?? capital(step.id)])),
    ),
    ...Object.fromEntries(look.calls.map((one) => [one.id, one.name])),
  }
  const alarm = look.calls.find((one) => one.id === whatIf)
  const call = document.sense?.calls?.find((one) => one.id === whatIf)
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2">
        <PlanForm
          plan={plan}
          look={look}
          change={setPlan}
          busy={state.busy}
          before={state.before}
          fly={() => void rehearsal.fly(aircraft.id, document, plan)}
        />
        {flown && <Controls flight={flown} />}
      </div>
      {!flown && (
        <div className="px-4 pb-2">
          <LogPlan look={look} document={document} aircraft={aircraft} />
        </div>
      )}
      {mine && state.problem && (
        <p role="alert" className="whitespace-pre-line px-4 text-rose">
          ▲ {state.problem}
        </p>
      )}
      {stale && <p className="px-4 text-sodium">○ The program has changed since this flight: rehearse it again.</p>}
      {heard === 'text' && (
        <p className="px-4 text-sm text-sodium">○ Nothing speaks here: read the words as they come.</p>
      )}
      {flown ? (
        <div className="flex min-h-0 flex-1 flex-col overflow-auto lg:flex-row lg:overflow-hidden">
          <section aria-label="Stage" className="min-w-0 flex-1 px-4 pb-3 lg:overflow-auto">
            <Sentence flight={flown} />
            <Timeline flight={flown} names={names} />
            <Glances pages={document.sense?.pages ?? []} flight={flown} />
            <Moment flight={flown} />
          </section>
          <aside
            aria-label="About this flight"
            className="shrink-0 border-line px-4 pb-3 lg:w-80 lg:overflow-auto lg:border-l"
          >
            <Verdict flown={flown} />
            <LastHeard flight={flown} />
            <h3 className="mt-3 font-semibold">What if</h3>
            <Choice
              label="What if"
              value={whatIf}
              placeholder="Another level, a longer hold…"
              options={look.calls.filter((one) => one.alarm).map((one) => ({ id: one.id, name: one.name }))}
              onChange={setWhatIf}
            />
            {alarm && call && (
              <ul className="mt-2">
                <AlarmRow alarm={alarm} call={call} look={look} document={document} aircraft={aircraft} />
              </ul>
            )}
            <Words flight={flown} />
            <div className="mt-3">
              <Picture flight={flown} />
            </div>
            {state.plan && <TakeAway document={document} plan={state.plan} flown={flown} />}
          </aside>
        </div>
      ) : (
        <div className="m-auto max-w-md px-6 text-center text-muted">
          <p>{look.scenarios.find((one) => one.id === plan.script)?.says}</p>
          <p className="mt-2">
            The real program, its alarms and its voice on a simulated flight. Choose the wind, the pack and what goes
            wrong, fly it, and listen.
          </p>
        </div>
      )}
    </div>
  )
}
