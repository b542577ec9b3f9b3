import { memo, useEffect, useRef } from 'react'
import uPlot from 'uplot'
import 'uplot/dist/uPlot.min.css'
import type { LaidOver, Recording } from '@/api/types'
import { useTheme } from '@/parts/theme'
import { GUTTER } from './Lanes'

const HEIGHT = 44

type Trace = Recording['traces'][number]

type Props = { flight: Recording; over: LaidOver | null }

/** What the transmitter had over time; a fine broken line is what truly was, a coarse one another flight. */
export const Traces = memo(function Traces({ flight, over }: Props) {
  // A canvas keeps the colours that it was drawn with: another theme draws it again.
  const theme = useTheme()
  const traces = [...flight.traces, ...without(over?.traces ?? [], flight.traces)]
  return (
    <div role="img" aria-label={`${traces.map((one) => one.name).join(', ')} over time`}>
      {traces.map((trace) => (
        <Plot key={`${trace.name} ${theme}`} trace={trace} flight={flight} over={over} />
      ))}
    </div>
  )
})

/** What only the other flight has, with no line of this one. */
const without = (traces: Trace[], there: Trace[]) =>
  traces
    .filter((one) => there.every((other) => other.name !== one.name))
    .map((one) => ({ ...one, data: null, true: null }))

const other = (trace: Trace, over: LaidOver | null) => over?.traces.find((one) => one.name === trace.name)?.data ?? []

function ends(trace: Trace, over: LaidOver | null): [number, number] {
  const there = [...(trace.data ?? []), ...(trace.true ?? []), ...other(trace, over)].filter((one) => one !== null)
  return there.length === 0 ? [0, 0] : [Math.min(...there), Math.max(...there)]
}

/** A line that never moves still wants room. */
function roomy([low, high]: [number, number]): [number, number] {
  const room = (high - low || 1) * 0.08
  return [low - room, high + room]
}

const nothing = (flight: Recording) => flight.times.map(() => null)

const shown = (value: number) => (Math.abs(value) < 20 ? value.toFixed(1) : String(Math.round(value)))

function Plot({ trace, flight, over }: Props & { trace: Trace }) {
  const box = useRef<HTMLDivElement>(null)
  const [low, high] = ends(trace, over)
  useEffect(() => {
    const host = box.current
    if (!host) return
    const style = getComputedStyle(document.documentElement)
    const [least, most] = roomy(ends(trace, over))
    const plot = new uPlot(
      {
        width: host.clientWidth,
        height: HEIGHT,
        legend: { show: false },
        cursor: { show: false },
        padding: [2, 0, 2, 0],
        scales: { x: { time: false, range: [0, over?.seconds ?? flight.seconds] }, y: { range: [least, most] } },
        axes: [{ show: false }, { show: false }],
        series: [
          {},
          { stroke: style.getPropertyValue('--muted').trim(), width: 1, dash: [3, 3], points: { show: false } },
          { stroke: style.getPropertyValue('--teal').trim(), width: 1.5, points: { show: false }, spanGaps: false },
          { stroke: style.getPropertyValue('--ember').trim(), width: 1.25, dash: [7, 4], points: { show: false } },
        ],
      },
      uPlot.join([
        [flight.times, trace.true ?? nothing(flight), trace.data ?? nothing(flight)],
        [over?.times ?? [], over ? other(trace, over) : []],
      ]),
      host,
    )
    const fit = new ResizeObserver(() => plot.setSize({ width: host.clientWidth, height: HEIGHT }))
    fit.observe(host)
    return () => {
      fit.disconnect()
      plot.destroy()
    }
  }, [trace, flight, over])
  return (
    <div className="flex border-line border-b" style={{ height: HEIGHT }}>
      <div className="flex shrink-0 flex-col justify-between py-0.5 pr-1 text-sm" style={{ width: GUTTER }}>
        <span className="truncate" title={trace.of ?? 'No sensor tells it: the broken line is what truly was'}>
          {trace.of === null && '○ '}
          {trace.name} <span className="text-muted">{trace.unit}</span>
        </span>
        <span className="figures whitespace-nowrap text-muted text-sm">
          {shown(low)} … {shown(high)}
        </span>
      </div>
      <div ref={box} className="min-w-0 flex-1" />
    </div>
  )
}
