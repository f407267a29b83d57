import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from 'react'

type Notice = { text: string; action?: { label: string; run: () => void }; wrong?: boolean }

const Say = createContext<(notice: Notice) => void>(() => {})

/** Says something to the maker at the foot of the table, with a way to take the last step back. */
export const useSay = () => useContext(Say)

/** Takes a step, and says at the foot of the table why it could not be taken. */
export function useAttempt() {
  const say = useSay()
  return useCallback(
    (step: Promise<unknown>) => void step.catch((cause: Error) => say({ text: cause.message, wrong: true })),
    [say],
  )
}

const SHOWN_MS = 12_000

export function Notices({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)
  const timer = useRef<number>(undefined)
  const say = useCallback((next: Notice) => {
    setNotice(next)
    window.clearTimeout(timer.current)
    timer.current = window.setTimeout(() => setNotice(null), SHOWN_MS)
  }, [])
  return (
    <Say.Provider value={say}>
      {children}
      <div role="status" aria-live="polite" className="fixed inset-x-0 bottom-4 z-20 flex justify-center px-4">
        {notice && (
          <p
            className={`flex items-center gap-4 bg-ink px-5 py-2 text-chalk ${notice.wrong ? 'border-l-8 border-wrong' : ''}`}
          >
            {notice.text}
            {notice.action && (
              <button
                type="button"
                className="min-h-11 px-2 underline underline-offset-4 focus-visible:outline-chalk"
                onClick={() => {
                  notice.action!.run()
                  setNotice(null)
                }}
              >
                {notice.action.label}
              </button>
            )}
            <button
              type="button"
              aria-label="Dismiss"
              className="min-h-11 min-w-8 focus-visible:outline-chalk"
              onClick={() => setNotice(null)}
            >
              ×
            </button>
          </p>
        )}
      </div>
    </Say.Provider>
  )
}
