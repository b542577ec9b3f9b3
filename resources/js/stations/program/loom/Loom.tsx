import { ArrowLeftRight, Plus } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useRef, useState } from 'react'
import type { Aircraft, Program } from '@/api/types'
import { workbench } from '@/api/workbench'
import { Button } from '@/parts/Button'
import { menu, menuItem } from '@/parts/Menu'
import { MoveDialog } from '@/parts/MoveDialog'
import { addFunction, addOutput } from '../edits'
import { AxisNode, ControlNode, FunctionNode, OutputNode, PhaseLine } from './ends'
import { Threads } from './Threads'
import { usePull } from './usePull'

type Props = { aircraft: Aircraft; document: Program; at: string | null; select: (end: string | null) => void }

/** Controls at the left, functions in the middle, outputs at the right, and the threads between them. */
export function Loom({ aircraft, document, at, select }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const [moving, setMoving] = useState(false)
  const pull = usePull(box, (fn, to) => void workbench.assign(fn, to))
  const { transmitterDefinition: transmitter, sticks, threads } = aircraft

  const lit = new Set(threads.filter((one) => one.from === at || one.to === at).flatMap((one) => [one.from, one.to]))
  const used = new Set(threads.map((one) => one.from))
  const look = (end: string) => ({
    end,
    selected: at === end,
    lit: lit.has(end),
    onSelect: () => select(at === end ? null : end),
  })
  const source = (end: string) => ({ ...look(end), onPull: pull.start })
  const add = (switched: boolean) => select(`function:${addFunction(document, switched)}`)
  const axes = [sticks['left-y'], sticks['left-x'], sticks['right-y'], sticks['right-x']]

  return (
    <div className={`@container min-w-0 flex-1 overflow-y-auto overflow-x-hidden ${at ? 'max-md:hidden' : ''}`}>
      <div
        ref={box}
        className="relative grid h-full grid-cols-[minmax(0,1fr)_1.25rem_minmax(0,1fr)_1.25rem_minmax(0,1fr)] @xl:grid-cols-[minmax(0,11rem)_minmax(2rem,1fr)_minmax(0,13rem)_minmax(2rem,1fr)_minmax(0,13rem)] @3xl:grid-cols-[minmax(8.5rem,12rem)_minmax(3rem,1fr)_minmax(10rem,15rem)_minmax(3rem,1fr)_minmax(10rem,15rem)] px-2 py-2 @xl:px-4"
      >
        <Threads threads={threads} at={at} pulled={pull.line} />
        <Column
          title="Controls"
          actions={
            <Button
              look="bare"
              className="min-h-7 px-1.5"
              title="Move to another transmitter"
              onClick={() => setMoving(true)}
            >
              <ArrowLeftRight size={14} aria-hidden /> <Wide>Transmitter</Wide>
            </Button>
          }
        >
          {axes.map((axis) => (
            <AxisNode key={axis} axis={axis} at={source(`axis:${axis}`)} unused={!used.has(`axis:${axis}`)} />
          ))}
          {transmitter.controls.map((control) => {
            const end = `control:${control.id}`
            return <ControlNode key={control.id} control={control} at={source(end)} unused={!used.has(end)} />
          })}
        </Column>
        <span />
        <Column
          title="Functions"
          actions={
            <DropdownMenu.Root>
              <DropdownMenu.Trigger asChild>
                <Button look="bare" className="min-h-7 px-1.5" title="Add a function">
                  <Plus size={14} aria-hidden /> <Wide>Function</Wide>
                </Button>
              </DropdownMenu.Trigger>
              <DropdownMenu.Portal>
                <DropdownMenu.Content align="end" className={menu}>
                  <DropdownMenu.Item className={menuItem} onSelect={() => add(false)}>
                    Proportional: a stick, a slider or a dial
                  </DropdownMenu.Item>
                  <DropdownMenu.Item className={menuItem} onSelect={() => add(true)}>
                    Switched: in steps
                  </DropdownMenu.Item>
                </DropdownMenu.Content>
              </DropdownMenu.Portal>
            </DropdownMenu.Root>
          }
        >
          {(document.functions ?? []).map((fn) => (
            <FunctionNode key={fn.id} fn={fn} at={{ ...look(`function:${fn.id}`), target: pull.over === fn.id }} />
          ))}
          {(document.phases ?? []).length > 1 && (
            <ul aria-label="Phases" className="mt-2 space-y-[3px] text-sm">
              {(document.phases ?? []).map((phase) => (
                <PhaseLine key={phase.id} phase={phase} when={aircraft.words.phases[phase.id]} />
              ))}
            </ul>
          )}
        </Column>
        <span />
        <Column
          title="Outputs"
          actions={
            <Button
              look="bare"
              className="min-h-7 px-1.5"
              title="Add a channel"
              disabled={(document.outputs ?? []).length >= transmitter.channels}
              onClick={() => void addOutput().then((channel) => channel && select(`output:${channel}`))}
            >
              <Plus size={14} aria-hidden /> <Wide>Channel</Wide>
            </Button>
          }
        >
          {(document.outputs ?? []).map((output) => (
            <OutputNode key={output.channel} output={output} at={look(`output:${output.channel}`)} />
          ))}
        </Column>
      </div>
      {moving && <MoveDialog document={document} onClose={() => setMoving(false)} />}
    </div>
  )
}

/** For ears always; for eyes where there is room beside the sign. */
function Wide({ children }: { children: string }) {
  return <span className="@3xl:not-sr-only sr-only">{children}</span>
}

function Column({ title, actions, children }: { title: string; actions?: React.ReactNode; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="flex min-h-0 min-w-0 flex-col">
      <div className="flex h-8 shrink-0 items-center justify-between">
        <h2 className="text-nowrap text-muted text-sm">{title}</h2>
        <div className="flex">{actions}</div>
      </div>
      <div className="flex min-h-0 flex-1 flex-col justify-start gap-[3px]">{children}</div>
    </section>
  )
}
