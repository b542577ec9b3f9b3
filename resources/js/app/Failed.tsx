import { useRouteError } from 'react-router'
import { Button } from '@/parts/Button'

/** Something broke in the interface: said plainly, with the way out. */
export function Failed() {
  const error = useRouteError()
  return (
    <main className="mx-auto flex h-full max-w-lg flex-col justify-center gap-3 p-6">
      <h1 className="font-semibold text-xl">▲ This screen broke</h1>
      <p className="text-muted">What was saved is safe. {error instanceof Error ? error.message : ''}</p>
      <div className="flex gap-2">
        <Button look="main" onClick={() => window.location.reload()}>
          Reload
        </Button>
        <Button onClick={() => window.location.assign('/')}>Go to the hangar</Button>
      </div>
    </main>
  )
}
