import { Link } from 'wouter'
import { Problem } from '../api/client'
import { NoSuchPlace } from './NoSuchPlace'

/** A card that can't be shown: it is not here, or it is and can't be opened; then its document is kept and can be saved. */
export function NoSuchCard({ id, error }: { id: string; error: Error }) {
  if (!(error instanceof Problem && error.kind === 'urn:vantbreeze:problem:cannot-open'))
    return <NoSuchPlace text={error.message} />
  return (
    <NoSuchPlace title="This card can’t be opened" text={error.message}>
      <a className="slip inline-block" href={`/api/cards/${id}/plan.json`} download>
        Save its document
      </a>
      <Link href="/safe-keeping" className="slip inline-block">
        Safe keeping
      </Link>
    </NoSuchPlace>
  )
}
