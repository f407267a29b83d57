import type { Post, PostService, PostWays } from '../api/client'
import type { CardInHand } from '../bench/useCard'
import { useAttempt } from '../house/Notices'
import { WithFractions } from '../house/WithFractions'

type Props = { post: Post; ways?: PostWays[]; inHand: CardInHand }

/** The services of the counter, the cheapest first: the one that takes the card is lit, what stands in the way of others is told. */
export function Services({ post, ways, inHand }: Props) {
  const attempt = useAttempt()
  return (
    <ol aria-label="Services" className="flex flex-col">
      {post.services.map((service) => (
        <li
          key={service.id}
          aria-current={service.id === post.cheapest || undefined}
          className="grid gap-x-6 gap-y-1 border-b-2 border-kraft-line px-6 py-4 last:border-b-0 sm:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] aria-[current=true]:bg-picked-wash"
        >
          <div>
            <h3 className="flex flex-wrap items-baseline justify-between gap-x-4 text-xl leading-tight font-semibold">
              {service.name}
              {service.price && <span className="figure text-2xl">{service.price}</span>}
            </h3>
            <p className="figure-run text-base">
              <WithFractions text={service.limits} />
            </p>
            <p className="plate-note text-base">{service.source}</p>
          </div>
          <div className="flex flex-col gap-2">
            <p className="text-lg">
              <Verdict service={service} cheapest={service.id === post.cheapest} />
            </p>
            {!service.takes && <Ways ways={ways} service={service.id} onTake={(id) => attempt(inHand.lighten(id))} />}
          </div>
        </li>
      ))}
    </ol>
  )
}

function Verdict({ service, cheapest }: { service: PostService; cheapest: boolean }) {
  if (!service.takes) return <WithFractions text={`No: ${service.obstacles.join(', ')}.`} />
  const dearer = service.dearer ? `, ${service.dearer}` : ''
  return (
    <strong>
      {cheapest ? 'Takes it' : 'Takes it too'}
      {dearer}.
    </strong>
  )
}

type WaysProps = { ways?: PostWays[]; service: string; onTake: (saving: string) => void }

/** Changes of the card that would let a service take it, each at a press; for those that would be cheaper. */
function Ways({ ways, service, onTake }: WaysProps) {
  const found = ways?.find((one) => one.service === service)
  if (!ways) return <p className="text-base italic">Trying thinner foam, lighter card, fewer layers…</p>
  if (!found) return null
  if (found.ways.length === 0)
    return <p className="text-base italic">No one or two changes of foam, card, layers or size are enough.</p>
  return (
    <ul className="flex flex-col gap-1">
      {found.ways.map(({ id, words }) => (
        <li key={id}>
          <button type="button" className="slip text-start" onClick={() => onTake(id)}>
            With <WithFractions text={words} /> it goes
          </button>
        </li>
      ))}
    </ul>
  )
}
