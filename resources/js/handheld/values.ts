import { useHand } from '@/api/hand'
import { useFrame } from '@/api/live'
import type { Axis } from '@/api/types'

/** Where a stick's axis stands: where the hand has it, else at rest as the core has it. */
export function useAxisValue(axis: Axis): number {
  const touched = useHand((hand) => hand.axes[axis])
  const rests = useFrame((frame) => frame.inputs.axes[axis])
  return touched ?? rests ?? 0
}

/** The same of a dial or a slider. */
export function useControlValue(id: string): number {
  const touched = useHand((hand) => hand.controls[id])
  const rests = useFrame((frame) => frame.inputs.controls[id])
  return Number(touched ?? rests ?? 0)
}
