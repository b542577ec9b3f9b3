import { type ReactNode, useEffect, useRef } from 'react'
import type { Recording } from '@/api/types'
import { MapMiddle } from './MapMarks'
import { LOW, type Placing } from './placing'
import { player } from './player'
import { rowAt } from './rows'

type Props = { flight: Recording; place: Placing; above: ReactNode; side: ReactNode; children?: ReactNode }

/** A flight from above and from the side; the dot is now. What is drawn of it is given; children lie over the first. */
export function TwoViews({ flight, place, above, side, children }: Props) {
  const dots = useRef<(SVGCircleElement | null)[]>([])
  const { times } = flight
  const { size } = place
  useEffect(() => {
    // The dots follow every frame without React.
    const put = (time: number) => {
      const row = rowAt({ times }, time)
      dots.current[0]?.setAttribute('transform', `translate(${place.x(row)} ${place.y(row)})`)
      dots.current[1]?.setAttribute('transform', `translate(${place.x(row)} ${place.z(row)})`)
    }
    put(player.state.time)
    return player.watch((state) => put(state.time))
  }, [place, times])
  const dot = (index: number) => (
    <circle
      ref={(one) => {
        dots.current[index] = one
      }}
      r={4.5}
      className="fill-ember stroke-deep"
    />
  )
  return (
    <>
      <svg
        viewBox={`0 0 ${size} ${size}`}
        role="img"
        aria-label="The flight from above"
        className="w-full rounded-lg border border-line bg-deep"
      >
        {above}
        <MapMiddle place={place} />
        {children}
        {dot(0)}
      </svg>
      <svg
        viewBox={`0 0 ${size} ${LOW}`}
        role="img"
        aria-label="The flight from the side"
        className="w-full rounded-lg border border-line bg-deep"
      >
        <text x={6} y={15} className="fill-muted" fontSize={14}>
          from the side, to {flight.extent.says.top}
        </text>
        <line x1={0} x2={size} y1={place.ground} y2={place.ground} className="stroke-edge" />
        {side}
        {dot(1)}
      </svg>
    </>
  )
}
