const SHAPES: Record<string, string> = {
  multirotor:
    'M8 8 40 40M40 8 8 40M8 3a5 5 0 1 0 0 10 5 5 0 1 0 0-10M40 3a5 5 0 1 0 0 10 5 5 0 1 0 0-10M8 35a5 5 0 1 0 0 10 5 5 0 1 0 0-10M40 35a5 5 0 1 0 0 10 5 5 0 1 0 0-10M20 20h8v8h-8z',
  'tiny-multirotor':
    'M24 24 15 15M24 24l9-9M24 24l9 9M24 24l-9 9M15 8a7 7 0 1 0 0 14 7 7 0 1 0 0-14M33 8a7 7 0 1 0 0 14 7 7 0 1 0 0-14M15 26a7 7 0 1 0 0 14 7 7 0 1 0 0-14M33 26a7 7 0 1 0 0 14 7 7 0 1 0 0-14',
  plane: 'M24 4v38M4 18h40v6H4zM16 38h16v4H16z',
  'flying-wing': 'M24 10 45 33l-6 2-15-9-15 9-6-2z',
  sailplane: 'M24 5v38M1 17h46l-4 4H5zM18 40h12v3H18z',
  helicopter: 'M24 14v31M20 43h8M3 14h42M24 8c6 0 8 5 8 11s-4 10-8 10-8-4-8-10 2-11 8-11z',
  'ground-vehicle': 'M14 12h20v26H14zM18 18h12v7H18zM8 9h6v9H8zM34 9h6v9h-6zM8 31h6v9H8zM34 31h6v9h-6z',
}

/** The aircraft from above, by its family. */
export function Silhouette({ family }: { family: string }) {
  return (
    <svg viewBox="0 0 48 48" aria-hidden className="size-14 shrink-0 rounded-xl bg-deep p-2">
      <path
        d={SHAPES[family] ?? SHAPES.plane}
        className="fill-none stroke-sodium"
        strokeWidth="2"
        strokeLinejoin="round"
      />
    </svg>
  )
}
