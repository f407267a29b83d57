import { useRef, useState } from 'react'
import { bring, useCopies, useHouse } from '../api/house'
import type { Copy } from '../api/client'
import { useSay } from '../house/Notices'
import { WayBack } from '../house/WayBack'
import { CopyList } from './CopyList'
import { DeletedCards } from './DeletedCards'
import { PutBack } from './PutBack'
import { Heading } from '../house/Heading'

/** Safe keeping: everything in one file, copies that are made by themselves, and cards that were deleted. */
export function SafeKeepingPage() {
  const copies = useCopies()
  const house = useHouse()
  const [chosen, setChosen] = useState<string | null>(null)
  return (
    <div className="mx-auto min-h-dvh max-w-[1100px] px-6 pb-8">
      <header className="flex items-center gap-4 py-3">
        <WayBack />
        <Heading>Safe keeping</Heading>
      </header>
      <main className="grid gap-5">
        <section aria-labelledby="backup-title" className="grid gap-x-10 gap-y-4 bg-chalk px-6 py-5 md:grid-cols-2">
          <div>
            <h2 id="backup-title" className="text-2xl">
              Back up
            </h2>
            <p className="mb-3 text-lg">
              All cards with their versions, tools, papers and pictures, in one file. Keep it on another disk.
            </p>
            <a
              className="slip inline-flex items-center border-picked text-lg font-semibold"
              href="/api/backup"
              download
            >
              Save everything in a file
            </a>
          </div>
          <div>
            <h2 className="text-2xl">Put back</h2>
            <p className="mb-3 text-lg">You see what it would do before anything is changed, and it can be undone.</p>
            <FromFile onBrought={({ name }) => setChosen(name)} />
          </div>
        </section>
        <section aria-labelledby="copies-title" className="bg-chalk px-6 py-5">
          <h2 id="copies-title" className="text-2xl">
            Copies
          </h2>
          <p className="plate-note mb-2">
            One is made by itself on each day of use, and before anything is put back. The last ten days are kept.
          </p>
          {copies.isError && <p role="alert">{copies.error.message}</p>}
          {copies.data && <CopyList copies={copies.data} onChoose={setChosen} />}
        </section>
        <DeletedCards />
        {house.data?.passcode && <Lock />}
      </main>
      {chosen && <PutBack key={chosen} name={chosen} onUndo={setChosen} onClose={() => setChosen(null)} />}
    </div>
  )
}

/** Takes a backup from a file, with a way to stop while it is on its way. */
function FromFile({ onBrought }: { onBrought: (copy: Copy) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const [onItsWay, setOnItsWay] = useState<AbortController | null>(null)
  const say = useSay()
  const copies = useCopies()
  const take = async (file: File) => {
    const stop = new AbortController()
    setOnItsWay(stop)
    try {
      onBrought(await bring(file, stop.signal))
      void copies.refetch()
    } catch (cause) {
      say({ text: `${file.name}: ${(cause as Error).message}`, wrong: true })
    } finally {
      setOnItsWay(null)
    }
  }
  if (onItsWay) {
    return (
      <p className="flex items-center gap-4 text-lg" role="status">
        Looking through the file…
        <button type="button" className="slip bg-paper" onClick={() => onItsWay.abort()}>
          Stop
        </button>
      </p>
    )
  }
  return (
    <>
      <button type="button" className="slip bg-paper text-lg" onClick={() => input.current?.click()}>
        Choose a saved file
      </button>
      <input
        ref={input}
        type="file"
        accept=".zip,application/zip"
        className="hidden"
        aria-label="Backup file"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file) void take(file)
          event.target.value = ''
        }}
      />
    </>
  )
}

/** Where a passcode was asked for: asks for it again. */
function Lock() {
  const leave = async () => {
    await fetch('/api/session', { method: 'DELETE' })
    location.assign('/')
  }
  return (
    <section className="bg-chalk px-6 py-5">
      <h2 className="text-2xl">This window</h2>
      <p className="mb-3 text-lg">
        Others on the network can open Vantbreeze with the passcode. When you leave this machine to somebody else, lock
        it.
      </p>
      <button type="button" className="slip bg-paper text-lg" onClick={() => void leave()}>
        Lock
      </button>
    </section>
  )
}
