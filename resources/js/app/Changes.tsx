const MOST = 6

/** What a revision changed, a line each. */
export function Changes({ changes }: { changes: string[] }) {
  return (
    <ul className="mt-1 space-y-0.5 text-sm">
      {changes.slice(0, MOST).map((change) => (
        <li key={change}>{change}</li>
      ))}
      {changes.length > MOST && <li className="text-muted">and {changes.length - MOST} more</li>}
    </ul>
  )
}
