import { useState } from 'react'
import { Link } from 'wouter'
import { type PostQuestion, usePost, usePostWays } from '../api/post'
import { useWraps } from '../api/wraps'
import type { Card, Post } from '../api/client'
import { CardHeader } from '../bench/CardHeader'
import { ConflictSheet } from '../bench/ConflictSheet'
import { FoldedPlate } from '../bench/FoldedPlate'
import { Pickable } from '../bench/picked'
import type { CardInHand } from '../bench/useCard'
import { useCardHere } from '../bench/useCardHere'
import { Choice } from '../house/Choice'
import { FigureText } from '../house/FigureText'
import { NoSuchCard } from '../house/NoSuchCard'
import { SizeText } from '../house/SizeText'
import { WithFractions } from '../house/WithFractions'
import { onPaper } from '../papers/dress'
import { InWrap } from '../wrap/InWrap'
import { lastArea, rememberArea } from './lastSent'
import { Services } from './Services'

/** The card at the counter: what is handed in, which service takes it, and what would let a cheaper one. */
export function SendPage({ id }: { id: string }) {
  const inHand = useCardHere(id)
  const card = inHand.query.data
  const [asked, ask] = useState<PostQuestion>({ area: lastArea(), gifts: 0 })
  const post = usePost(id, card?.revision, asked)
  if (inHand.query.isError) return <NoSuchCard id={id} error={inHand.query.error} />
  if (post.isError && !post.data) return <NoSuchCard id={id} error={post.error} />
  if (!card || !post.data) return <p className="p-8 text-lg">Laying it on the scales…</p>
  return (
    <Room
      card={card}
      post={post.data}
      asked={asked}
      inHand={inHand}
      onAsk={(more) => {
        if (more.area) rememberArea(more.area)
        ask((before) => ({ ...before, ...more }))
      }}
    />
  )
}

type Asking = { area?: string; outer?: string; gifts?: number }
type Props = { card: Card; post: Post; asked: PostQuestion; inHand: CardInHand; onAsk: (more: Asking) => void }

function Room({ card, post, asked, inHand, onAsk }: Props) {
  const ways = usePostWays(card.id, card.revision, asked)
  const told = post.misfit ? [post.misfit, ...post.risks] : post.risks
  return (
    <Pickable pieces={card.pieces}>
      <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
        <CardHeader card={card} inHand={inHand} place="send" />
        <main className="grid flex-1 grid-cols-1 content-start gap-5 pt-3 lg:grid-cols-[minmax(0,1fr)_23rem]">
          <div className="flex min-w-0 flex-col gap-5">
            <HandedIn post={post} onAsk={onAsk} />
            <section aria-label="At the counter" className="bg-chalk" aria-live="polite">
              <Services post={post} ways={ways.data} inHand={inHand} />
              <p className="border-t-2 border-kraft-line px-6 py-3 text-base">
                Limits are from memory: the counter knows better.{' '}
                <Link href="/tools/post" className="word underline">
                  Change limits and prices
                </Link>
              </p>
            </section>
            {told.length > 0 && (
              <section aria-label="On its way" className="bg-chalk px-6 py-4">
                <ul className="flex flex-col gap-2 text-lg leading-snug">
                  {told.map((risk) => (
                    <li key={risk} className="border-l-4 border-ink ps-3">
                      <WithFractions text={risk} />
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </div>
          <div className="flex flex-col gap-5">
            <Sent card={card} outer={post.outer} />
          </div>
        </main>
        <ConflictSheet inHand={inHand} />
      </div>
    </Pickable>
  )
}

/** What is handed in: how large, how thick, how heavy; in what, with how many gift cards, and where. */
function HandedIn({ post, onAsk }: { post: Post; onAsk: (more: Asking) => void }) {
  return (
    <section aria-label="Handed in" className="flex flex-wrap items-end gap-x-10 gap-y-4 bg-chalk px-6 py-5">
      <dl className="flex flex-wrap gap-x-10 gap-y-3 text-4xl">
        <div>
          <dt className="plate-note text-base">Large</dt>
          <dd>
            <SizeText size={post.size} />
          </dd>
        </div>
        <div>
          <dt className="plate-note text-base">Thick</dt>
          <dd>
            <FigureText figure={post.thickness} unit />
          </dd>
        </div>
        <div>
          <dt className="plate-note text-base">Weighs</dt>
          <dd>
            <FigureText figure={post.grams} unit />
          </dd>
        </div>
      </dl>
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        <Choice label="In" value={post.outer} onChoose={(outer) => onAsk({ outer })}>
          <Options of={post.outers} />
        </Choice>
        <Choice
          label="Gift cards in it"
          value={String(post.gifts)}
          onChoose={(gifts) => onAsk({ gifts: Number(gifts) })}
        >
          <Options of={GIFTS} />
        </Choice>
        <Choice label="From" value={post.area} onChoose={(area) => onAsk({ area })}>
          <Options of={post.areas} />
        </Choice>
      </div>
    </section>
  )
}

type Named = { id: string; name: string }

const GIFTS: Named[] = ['none', '1', '2', '3'].map((name, i) => ({ id: String(i), name }))

function Options({ of }: { of: Named[] }) {
  return of.map(({ id, name }) => (
    <option key={id} value={id}>
      {name}
    </option>
  ))
}

/** What lies on the counter: the card in its wrap, shut. */
function Sent({ card, outer }: { card: Card; outer: string }) {
  const wraps = useWraps(card.id, card.revision)
  const worn = wraps.data?.worn.find(({ id }) => id === outer)
  return worn ? (
    <div role="img" aria-label={`The card in its ${worn.structureName.toLowerCase()}, shut`} className="plate">
      <InWrap picture={worn.picture} card={card} at={1} className="h-[18rem] w-full" />
    </div>
  ) : (
    <FoldedPlate pieces={card.pieces} form={card.form} dress={{ ...card, layers: onPaper(card) }} />
  )
}
