import { useEffect } from 'react'
import { hand } from '@/api/hand'
import type { Aircraft } from '@/api/types'
import { hold } from './keys'

/** Smaller movements are a gamepad's jitter, not a hand. */
const NOTICEABLE = 0.02

/** Lets a gamepad drive the sticks, where the browser has one. */
export function useGamepad(sticks: Aircraft['sticks']) {
  useEffect(() => {
    let last: number[] = []
    let frame = 0
    const poll = () => {
      const pad = navigator.getGamepads().find((one) => one !== null)
      const [leftX, leftY, rightX, rightY] = pad?.axes ?? []
      if (leftX !== undefined && leftY !== undefined && rightX !== undefined && rightY !== undefined) {
        const now = [leftX, -leftY, rightX, -rightY]
        if (now.some((value, index) => Math.abs(value - (last[index] ?? 0)) > NOTICEABLE)) {
          last = now
          hand.axes({
            [sticks['left-x']]: hold(leftX),
            [sticks['left-y']]: hold(-leftY),
            [sticks['right-x']]: hold(rightX),
            [sticks['right-y']]: hold(-rightY),
          })
        }
      }
      frame = requestAnimationFrame(poll)
    }
    const start = () => {
      cancelAnimationFrame(frame)
      poll()
    }
    window.addEventListener('gamepadconnected', start)
    return () => {
      window.removeEventListener('gamepadconnected', start)
      cancelAnimationFrame(frame)
    }
  }, [sticks])
}
