import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { propose } from '@/api/proposals'
import { useRecipes } from '@/api/queries'
import { isStepped } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { keyed } from '@/parts/keyed'
import { ProposalDialog } from '@/parts/ProposalDialog'
import { capital } from '@/parts/words'
import type { View } from '../views'
import { addRung, changeLadder, plan, removeLadder } from './plan'
import { StageRow } from './StageRow'

const NONE = '(none)'

/** A learner's planned steps: softer first, livelier later, each step a revision of its own. */
export function TrainingView({ document }: View) {
  const recipes = useRecipes()
  const [to, setTo] = useState<number | null>(null)
  const { ladder } = document
  if (!ladder) {
    return (
      <div className="mx-auto flex h-full max-w-xl flex-col justify-center px-6">
        <h2 className="font-semibold text-xl">Training plan</h2>
        <p className="mt-2 text-muted">
          Much expo and low rates for the first hovers, less and less of it over the weeks, on purpose and not by
          chance. Each step becomes a revision that you can go back to.
        </p>
        <Button
          look="main"
          className="mt-4 self-start"
          disabled={!recipes.data}
          onClick={() => plan(document, recipes.data?.ladder ?? [])}
        >
          Plan one: 50, 40, 30, 20 % expo
        </Button>
      </div>
    )
  }
  const phases = document.phases ?? []
  const stepped = (document.functions ?? []).filter(isStepped)
  const style = stepped.find((one) => one.id === ladder.style)
  const steps = (style?.steps ?? []).map((step) => ({ id: step.id, name: step.name ?? capital(step.id) }))
  const at = ladder.at ?? -1
  return (
    <div className="h-full overflow-auto px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-muted text-sm">Sets roll, pitch and yaw in</span>
        <div className="w-40">
          <Choice
            label="Phase of the plan"
            value={ladder.phase}
            options={phases.map((one) => ({ id: one.id, name: one.name }))}
            onChange={(phase) => changeLadder((now) => ({ ...now, phase }), 'Training: another phase')}
          />
        </div>
        <span className="text-muted text-sm">and at rest</span>
        <div className="w-40">
          <Choice
            label="Style of the plan"
            value={ladder.style ?? NONE}
            options={[{ id: NONE, name: 'nothing else' }, ...stepped.map((one) => ({ id: one.id, name: one.name }))]}
            onChange={(id) =>
              changeLadder((now) => {
                const { style: _style, ...rest } = now
                const rungs = now.rungs.map(({ style: _was, ...rung }) => rung)
                return id === NONE ? { ...rest, rungs } : { ...rest, style: id, rungs }
              }, 'Training: another style')
            }
          />
        </div>
        <span className="flex-1" />
        <Button disabled={at < 1} onClick={() => setTo(at - 1)}>
          <ArrowDown size={16} aria-hidden /> Step back
        </Button>
        <Button look="main" disabled={at >= ladder.rungs.length - 1} onClick={() => setTo(at + 1)}>
          <ArrowUp size={16} aria-hidden /> Step up
        </Button>
      </div>
      <ol aria-label="Steps" className="mt-3 grid gap-1.5">
        {keyed(ladder.rungs, () => 'rung').map(({ key, item: rung, index }) => (
          <StageRow
            key={key}
            rung={rung}
            index={index}
            count={ladder.rungs.length}
            here={index === at}
            steps={steps}
            go={() => setTo(index)}
          />
        ))}
      </ol>
      <div className="mt-2 flex justify-between">
        <Button onClick={addRung} disabled={ladder.rungs.length >= 12}>
          <Plus size={16} aria-hidden /> Step
        </Button>
        <Button look="danger" onClick={removeLadder}>
          <Trash2 size={15} aria-hidden /> Remove the plan
        </Button>
      </div>
      {to !== null && (
        <ProposalDialog
          title={`To “${ladder.rungs[to]?.name}”`}
          says={ladder.rungs[to]?.note ?? 'This is what changes.'}
          ask={() => propose.rung(document, to)}
          note={`Training: ${ladder.rungs[to]?.name}`}
          nothing="The program stands there already."
          button="Apply this step"
          onClose={() => setTo(null)}
        />
      )}
    </div>
  )
}
