import { Link } from 'wouter'

/** Where an address leads nowhere: says so and shows the way back. */
export function NoSuchPlace({ text }: { text: string }) {
  return (
    <main className="mx-auto grid min-h-dvh max-w-xl content-center gap-6 p-8">
      <h1 className="text-3xl">Not on this table</h1>
      <p className="text-lg">{text}</p>
      <p>
        <Link href="/" className="slip inline-block">
          Back to the drawer
        </Link>
      </p>
    </main>
  )
}
