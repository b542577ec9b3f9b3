/** A station that isn't built yet says what it will do. */
export function Later({ title, says, points }: { title: string; says: string; points: string[] }) {
  return (
    <div className="mx-auto flex h-full max-w-2xl flex-col justify-center overflow-auto px-6 py-8">
      <p className="text-sodium">◷ Not built yet</p>
      <h1 className="mt-1 font-semibold text-2xl">{title}</h1>
      <p className="mt-2 text-muted">{says}</p>
      <ul className="mt-5 space-y-2.5">
        {points.map((point) => (
          <li key={point} className="flex gap-3">
            <span aria-hidden className="text-edge">
              ○
            </span>
            {point}
          </li>
        ))}
      </ul>
    </div>
  )
}
