import { useWraps, useWrapping } from '../api/wraps'
import type { Card, Wraps } from '../api/client'
import { CardHeader } from '../bench/CardHeader'
import { ConflictSheet } from '../bench/ConflictSheet'
import { EnvelopePlate } from '../bench/EnvelopePlate'
import { FoldedPlate } from '../bench/FoldedPlate'
import { Pickable } from '../bench/picked'
import type { CardInHand } from '../bench/useCard'
import { useCardHere } from '../bench/useCardHere'
import { FigureText } from '../house/FigureText'
import { NoSuchCard } from '../house/NoSuchCard'
import { useSay } from '../house/Notices'
import { SizeText } from '../house/SizeText'
import { onPaper } from '../papers/dress'
import { EnvelopesFor } from './EnvelopesFor'
import { Worn } from './Worn'
import { WrapShelf } from './WrapShelf'

/** What the card goes in: its wraps, drawn with the card in them, and a shelf of others round this card. */
export function WrapPage({ id }: { id: string }) {
  const inHand = useCardHere(id)
  const card = inHand.query.data
  const wraps = useWraps(id, card?.revision)
  if (inHand.query.isError) return <NoSuchCard id={id} error={inHand.query.error} />
  if (wraps.isError && !wraps.data) return <NoSuchCard id={id} error={wraps.error} />
  if (!card || !wraps.data) return <p className="p-8 text-lg">Folding paper round the card…</p>
  return <Room card={card} wraps={wraps.data} inHand={inHand} />
}

type Props = { card: Card; wraps: Wraps; inHand: CardInHand }

function Room({ card, wraps, inHand }: Props) {
  const say = useSay()
  const { make, putAside, bringBack } = useWrapping(card.id)
  const wrong = (cause: Error) => say({ text: cause.message, wrong: true })
  const aside = (id: string, name: string) =>
    putAside.mutate(id, {
      onSuccess: () =>
        say({
          text: `${name} is put aside.`,
          action: { label: 'Bring it back', run: () => bringBack.mutate(id, { onError: wrong }) },
        }),
      onError: wrong,
    })
  return (
    <Pickable pieces={card.pieces}>
      <div className="mx-auto flex min-h-dvh max-w-[1500px] flex-col px-6 pb-5">
        <CardHeader card={card} inHand={inHand} place="wrap" />
        <main className="grid pt-3 flex-1 grid-cols-1 content-start gap-5 lg:grid-cols-[minmax(0,1fr)_23rem]">
          <div className="flex min-w-0 flex-col gap-5">
            {wraps.apart.length > 0 && (
              <p role="alert" className="border-l-4 border-wrong bg-chalk px-4 py-2 text-lg">
                {wraps.apart.map(({ name }) => name).join(', ')}: can’t be read as a wrap of this card, and is left as
                it is.
              </p>
            )}
            {wraps.worn.map((worn) => (
              <Worn
                key={worn.id}
                worn={worn}
                card={card}
                inHand={inHand}
                isNew={worn.id === make.data?.id}
                onPutAside={() => aside(worn.id, worn.name)}
              />
            ))}
            <section aria-label="Wraps to make" className="bg-chalk px-6 py-5">
              <p className="mb-4 text-lg">
                {wraps.worn.length > 0
                  ? 'Others round it: closed it is'
                  : 'Made to measure round the card: closed it is'}{' '}
                <SizeText size={wraps.closed} className="align-baseline" /> and{' '}
                <FigureText figure={wraps.thickness} unit /> thick. Point at one to see the card go in; press it to make
                it.
              </p>
              <p role="status" className="text-lg italic">
                {make.isPending && 'Folding it round the card…'}
              </p>
              {wraps.objection ? (
                <p role="alert" className="border-l-4 border-wrong ps-3 text-lg">
                  {wraps.objection}
                </p>
              ) : (
                <WrapShelf
                  shelf={wraps.shelf}
                  card={card}
                  making={make.isPending}
                  onMake={(structure) => make.mutate(structure, { onError: wrong })}
                />
              )}
              <p className="mt-5 flex flex-wrap items-baseline gap-x-2 border-t-2 border-kraft-line pt-3 text-lg">
                Tied with ribbon and a bow: <FigureText figure={wraps.ribbon.across} unit /> across,{' '}
                <FigureText figure={wraps.ribbon.up} unit /> up, <FigureText figure={wraps.ribbon.crossed} unit /> both
                ways.
              </p>
            </section>
          </div>
          <div className="flex flex-col gap-5">
            <FoldedPlate pieces={card.pieces} form={card.form} dress={{ ...card, layers: onPaper(card) }} />
            <EnvelopesFor wraps={wraps} card={card} inHand={inHand} />
            <EnvelopePlate card={card} inHand={inHand} />
          </div>
        </main>
        <ConflictSheet inHand={inHand} />
      </div>
    </Pickable>
  )
}
