type Props = { changes: string[]; most?: number }

/** What a revision changed, a line each. */
export function Changes({ changes, most = 6 }: Props) {
  return (
    <ul className="mt-1 space-y-0.5 text-sm">
      {changes.slice(0, most).map((change) => (
        <li key={change}>{change}</li>
      ))}
      {changes.length > most && <li className="text-muted">and {changes.length - most} more</li>}
    </ul>
  )
}
