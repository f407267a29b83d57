import { Link } from 'wouter'
import { useWraps } from '../api/wraps'

/** What goes round the card before it is sent, each with the way to its own steps. */
export function ItsWraps({ card, revision }: { card: string; revision: number }) {
  const worn = useWraps(card, revision).data?.worn ?? []
  if (worn.length === 0) return null
  return (
    <ul aria-label="Its wraps" className="mt-4 flex flex-col gap-1 text-xl">
      {worn.map(({ id, structureName }) => (
        <li key={id}>
          <Link href={`/card/${id}/table`} className="word underline">
            {structureName}: make it
          </Link>
        </li>
      ))}
    </ul>
  )
}
