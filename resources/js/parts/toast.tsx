import { X } from 'lucide-react'
import { Toast } from 'radix-ui'
import { useSyncExternalStore } from 'react'

type Message = { id: number; says: string; kind: 'note' | 'problem'; action?: { name: string; run: () => void } }

let messages: Message[] = []
let next = 1
const watchers = new Set<() => void>()

function set(now: Message[]) {
  messages = now
  for (const watcher of watchers) watcher()
}

/** Tells the pilot something in passing; with an action, such as undo, it stays longer. */
export function tell(says: string, more: Partial<Pick<Message, 'kind' | 'action'>> = {}) {
  set([...messages.slice(-2), { id: next++, says, kind: 'note', ...more }])
}

export function Toasts() {
  const now = useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher)
      return () => watchers.delete(watcher)
    },
    () => messages,
  )
  return (
    <Toast.Provider>
      {now.map((message) => (
        <Toast.Root
          key={message.id}
          duration={message.action || message.kind === 'problem' ? 12000 : 4000}
          onOpenChange={(open) => !open && set(messages.filter((one) => one.id !== message.id))}
          className={`flex items-start gap-3 rounded-xl border bg-deep px-4 py-3 shadow-xl ${message.kind === 'problem' ? 'border-rose' : 'border-edge'}`}
        >
          <Toast.Description className="min-w-0 flex-1 whitespace-pre-line">
            {message.kind === 'problem' && <span className="text-rose">▲ </span>}
            {message.says}
          </Toast.Description>
          {message.action && (
            <Toast.Action
              altText={message.action.name}
              onClick={message.action.run}
              className="rounded-md border border-edge px-2 py-0.5 font-semibold"
            >
              {message.action.name}
            </Toast.Action>
          )}
          <Toast.Close aria-label="Close" className="rounded p-1 hover:bg-line">
            <X size={16} aria-hidden />
          </Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed right-3 bottom-3 z-50 flex w-[min(26rem,calc(100vw-1.5rem))] flex-col gap-2" />
    </Toast.Provider>
  )
}
