import { Button } from './Button'

/** That a form shows what was typed into it before it was closed without being saved. */
export function TypedBefore({ onAfresh }: { onAfresh: () => void }) {
  return (
    <p role="status" data-typed-before className="mb-3 flex items-center gap-3 text-muted text-sm">
      <span className="flex-1">○ What you typed before is here again; it isn’t saved yet.</span>
      <Button onClick={onAfresh}>Start afresh</Button>
    </p>
  )
}
