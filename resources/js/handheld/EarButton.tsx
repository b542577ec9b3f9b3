import { Volume2, VolumeX } from 'lucide-react'
import { IconButton } from '@/parts/IconButton'
import { ear, useEar } from './ear'

/** Whether the handheld speaks. */
export function EarButton() {
  const on = useEar((state) => state.on)
  return (
    <IconButton
      icon={on ? Volume2 : VolumeX}
      label={on ? 'Mute the handheld' : 'Unmute the handheld'}
      onClick={() => ear.turn(!on)}
    />
  )
}

/** What is being said, to be read. */
export function Caption({ otherwise }: { otherwise?: React.ReactNode }) {
  const caption = useEar((state) => state.caption)
  return caption === null ? (
    otherwise
  ) : (
    <span data-said className="text-ember">
      “{caption}”
    </span>
  )
}
