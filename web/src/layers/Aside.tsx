import type { Layers } from '../api/client'

type Props = { layers: Layers; ticked: number[]; onPutBack: (aside: number) => void; onThrow: (aside: number) => void }

/** What lay on panels that an edit took away: kept until it is put elsewhere or thrown away. */
export function Aside({ layers, ticked, onPutBack, onThrow }: Props) {
  if (layers.aside.length === 0) return null
  return (
    <section aria-label="Kept aside" className="bg-chalk px-5 py-4">
      <h2 className="text-xl">Kept aside</h2>
      <ul>
        {layers.aside.map(({ name, layers: kept }, i) => (
          <li key={i} className="mt-2 text-lg">
            {kept.length === 1 ? 'One layer' : `${kept.length} layers`} of <em>{name}</em>
            <span className="flex flex-wrap">
              <button
                type="button"
                className="word text-base underline"
                disabled={ticked.length === 0}
                onClick={() => onPutBack(i)}
              >
                {ticked.length === 0 ? 'select a panel to put them on' : 'put them on what is selected'}
              </button>
              <button type="button" className="word text-base underline" onClick={() => onThrow(i)}>
                throw them away
              </button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
