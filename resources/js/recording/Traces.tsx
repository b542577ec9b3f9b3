import { memo, useEffect, useRef } from 'react'
import uPlot from 'uplot'
import 'uplot/dist/uPlot.min.css'
import type { Recording } from '@/api/types'
import { GUTTER } from './Lanes'

const HEIGHT = 44

type Trace = Recording['traces'][number]

/** Sensor traces over time, one above the other, each with its name and ends at the left. */
export const Traces = memo(function Traces({ flight }: { flight: Recording }) {
  return (
    <div role="img" aria-label={`${flight.traces.map((one) => one.name).join(', ')} over time`}>
      {flight.traces.map((trace) => (
        <Plot key={trace.name} trace={trace} flight={flight} />
      ))}
    </div>
  )
})

function ends(trace: Trace): [number, number] {
  const there = trace.data.filter((one) => one !== null)
  return [Math.min(...there), Math.max(...there)]
}

/** A line that never moves still wants room. */
function roomy([low, high]: [number, number]): [number, number] {
  const room = (high - low || 1) * 0.08
  return [low - room, high + room]
}

const shown = (value: number) => (Math.abs(value) < 20 ? value.toFixed(1) : String(Math.round(value)))

function Plot({ trace, flight }: { trace: Trace; flight: Recording }) {
  const box = useRef<HTMLDivElement>(null)
  const [low, high] = ends(trace)
  useEffect(() => {
    const host = box.current
    if (!host) return
    const style = getComputedStyle(document.documentElement)
    const [least, most] = roomy(ends(trace))
    const plot = new uPlot(
      {
        width: host.clientWidth,
        height: HEIGHT,
        legend: { show: false },
        cursor: { show: false },
        padding: [2, 0, 2, 0],
        scales: { x: { time: false, range: [0, flight.seconds] }, y: { range: [least, most] } },
        axes: [{ show: false }, { show: false }],
        series: [
          {},
          { stroke: style.getPropertyValue('--teal').trim(), width: 1.5, points: { show: false }, spanGaps: false },
        ],
      },
      [flight.times, trace.data],
      host,
    )
    const fit = new ResizeObserver(() => plot.setSize({ width: host.clientWidth, height: HEIGHT }))
    fit.observe(host)
    return () => {
      fit.disconnect()
      plot.destroy()
    }
  }, [trace, flight])
  return (
    <div className="flex border-line border-b" style={{ height: HEIGHT }}>
      <div className="flex shrink-0 flex-col justify-between py-0.5 pr-1 text-sm" style={{ width: GUTTER }}>
        <span className="truncate">
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
