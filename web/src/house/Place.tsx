import { Boundary } from './Boundary'
import { WayBack } from './WayBack'

/** A place of the house. Should it break, that is said there, with ways on; what was saved is safe. */
export function Place({ children }: { children: React.ReactNode }) {
  return (
    <Boundary
      instead={(again) => (
        <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-6 p-8">
          <h1 className="text-3xl">This place can’t be shown</h1>
          <p role="alert" className="text-lg">
            Something in it broke, or a part of Vantbreeze did not arrive. Your cards are safe: every change that was
            answered is on the disk.
          </p>
          <p className="flex flex-wrap gap-3">
            <button type="button" className="slip" onClick={again}>
              Try again
            </button>
            <button type="button" className="slip" onClick={() => location.reload()}>
              Load the page anew
            </button>
            <WayBack />
          </p>
        </main>
      )}
    >
      {children}
    </Boundary>
  )
}
