import { Link } from 'wouter'
import { useCutDone } from '../api/cards'
import type { Card, Cutting } from '../api/client'
import { useSay } from '../house/Notices'

type Props = { card: Card; cutting: Cutting }

/** What is done with a plan: cut at the table, on paper, and said to be cut, so that the stock is right. */
export function Kept({ card, cutting }: Props) {
  const say = useSay()
  const done = useCutDone(card.id)
  const tell = (cause: Error) => say({ text: cause.message, wrong: true })
  const page = card.ruler.startsWith('mm') ? 'a4' : 'letter'
  const file = 'inline-flex min-h-11 items-center text-lg underline underline-offset-4'
  return (
    <section aria-label="With this plan" className="bg-chalk px-5 py-4">
      <h2 className="text-xl">With this plan</h2>
      <ul>
        <li>
          <Link className={file} href={`/card/${card.id}/table`}>
            Cut by cut, at the table
          </Link>
        </li>
        <li>
          <a className={file} href={`/api/cards/${card.id}/cutting.pdf?page=${page}`}>
            On paper (PDF)
          </a>
        </li>
        <li>
          <a className={file} href={`/api/cards/${card.id}/cutting.pdf?page=sheet`}>
            Each sheet true to size (PDF)
          </a>
        </li>
        <li className="flex gap-x-5">
          <a className={file} href={`/api/cards/${card.id}/cutting.svg`}>
            Drawing (SVG)
          </a>
          <a className={file} href={`/api/cards/${card.id}/cutting.csv`}>
            Table (CSV)
          </a>
        </li>
      </ul>
      <button
        type="button"
        className="slip mt-2 bg-paper"
        disabled={!cutting.isDone || done.isPending}
        onClick={() => done.mutate({ revision: cutting.revision }, { onError: tell })}
      >
        It is cut: count its sheets
      </button>
      <p className="plate-note mt-1 text-base">
        Takes the sheets out of your papers, and puts in what is left over and worth keeping.
      </p>
      {cutting.done.map(({ id, words, offcuts }) => (
        <p key={id} className="mt-2 border-t border-chalk-dim pt-2 text-lg">
          Cut {words}.{' '}
          <span className="flex flex-wrap gap-x-5">
            <button
              type="button"
              className={file}
              disabled={done.isPending}
              onClick={() => done.mutate({ back: id }, { onError: tell })}
            >
              Take that back
            </button>
            {offcuts > 0 && (
              <a className={file} href={`/api/cards/${card.id}/offcuts.pdf?page=${page}`}>
                Labels for the offcuts (PDF)
              </a>
            )}
          </span>
        </p>
      ))}
    </section>
  )
}
