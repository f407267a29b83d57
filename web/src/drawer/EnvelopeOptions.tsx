import { type Figure, spoken, type Stock } from '../api/client'

type Envelope = Stock['envelopes'][number]

/** A figure in a list, where a stacked fraction can't stand. */
function plain(figure: Figure) {
  return spoken(figure).replace(/ (in|mm)$/, '')
}

/** The envelopes by school, each with its inside size as that school writes it. */
export function EnvelopeOptions({ envelopes }: { envelopes: Envelope[] }) {
  const groups = [...new Set(envelopes.map((envelope) => envelope.source))]
  return groups.map((source) => (
    <optgroup key={source} label={source}>
      {envelopes
        .filter((envelope) => envelope.source === source)
        .map(({ id, name, inside, depth }) => (
          <option key={id} value={id}>
            {name} ({plain(inside.width)} × {plain(inside.height)}
            {depth && ` × ${plain(depth)}`} {inside.width.unit})
          </option>
        ))}
    </optgroup>
  ))
}
