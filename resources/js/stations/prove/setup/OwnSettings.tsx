import { useMutation, useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { data, GET, POST } from '@/api/client'
import { said } from '@/api/proposals'
import { answered } from '@/api/queryClient'
import { Button } from '@/parts/Button'
import { clock, day } from '@/parts/words'

/** The controller's own settings as text: kept before firmware work and after it, each with what it changed. */
export function OwnSettings({ id }: { id: number }) {
  const file = useRef<HTMLInputElement>(null)
  const [text, setText] = useState('')
  const [note, setNote] = useState('')
  const key = ['settings', id]
  const { data: read } = useQuery({
    queryKey: key,
    queryFn: () => data(GET('/api/aircraft/{id}/settings', { params: { path: { id } } })),
  })
  const { mutate, error, isPending } = useMutation({
    mutationFn: () =>
      data(
        POST('/api/aircraft/{id}/settings', {
          params: { path: { id } },
          body: { text, ...(note.trim() === '' ? {} : { note: note.trim() }) },
        }),
      ),
    onSuccess: (answer) => {
      void answered(key, answer)
      setText('')
      setNote('')
    },
  })
  const kept = read?.kept ?? []
  return (
    <section aria-label="The controller’s own settings" className="mt-4 rounded-xl border border-line bg-raised p-3">
      <h3 className="font-semibold">The controller’s own settings</h3>
      <p className="text-muted text-sm">
        Before firmware work, and after it, keep the text that the controller gives of itself: it is the way back.
        {kept[0] ? ` Last kept on ${day(kept[0].at)}.` : ' Nothing is kept yet.'}
      </p>
      <textarea
        aria-label="Settings as text"
        value={text}
        spellCheck={false}
        rows={4}
        placeholder="Paste it here, or choose a file"
        onChange={(event) => setText(event.target.value)}
        className="figures mt-2 w-full rounded-lg border border-line bg-deep px-3 py-2 text-sm"
      />
      <div className="flex flex-wrap items-center gap-2">
        <input
          aria-label="Note"
          value={note}
          maxLength={120}
          placeholder="Note, such as before the update"
          onChange={(event) => setNote(event.target.value)}
          className="h-9 min-w-48 flex-1 rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
        />
        <Button onClick={() => file.current?.click()}>Choose a file…</Button>
        <Button look="main" disabled={text.trim() === '' || isPending} onClick={() => mutate()}>
          Keep them
        </Button>
        <input
          ref={file}
          type="file"
          accept=".txt,text/plain"
          aria-label="File of settings"
          className="hidden"
          onChange={(event) => {
            void event.target.files?.[0]?.text().then(setText)
            event.target.value = ''
          }}
        />
      </div>
      {error && (
        <p role="alert" className="mt-1 text-sm">
          <span className="text-rose">▲</span> {said(error)}
        </p>
      )}
      <ol className="mt-2 grid gap-1.5">
        {kept.map((one) => (
          <li key={one.id} data-kept={one.id} className="rounded-lg border border-line px-3 py-2 text-sm">
            <p className="flex flex-wrap items-center justify-between gap-2">
              <span>
                {day(one.at)}, {clock(one.at)} · revision {one.revision} · {one.lines} lines
                {one.note && ` · ${one.note}`}
              </span>
              <a className="underline" href={`/api/aircraft/${id}/settings/${one.id}`} download>
                Text
              </a>
            </p>
            {one.changed.length > 0 && (
              <details className="mt-1">
                <summary className="cursor-pointer text-muted">
                  {one.changed.length} {one.changed.length === 1 ? 'line' : 'lines'} otherwise than before
                </summary>
                <pre className="figures mt-1 overflow-x-auto text-sm">{one.changed.join('\n')}</pre>
              </details>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
