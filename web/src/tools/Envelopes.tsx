import { useState } from 'react'
import type { OwnStock } from '../api/client'
import type { Put } from '../api/tools'
import { EnvelopeForm } from './EnvelopeForm'
import { Kept } from './Kept'
import { Part } from './Part'

type Envelope = OwnStock['envelopes'][number]

/** Envelopes and boxes of the maker's own: how large inside, how deep, how many, what one costs. */
export function Envelopes({ envelopes, put }: { envelopes: Envelope[]; put: Put }) {
  const [changing, change] = useState<Envelope | null>(null)
  return (
    <Part
      title="Envelopes and boxes"
      note="Measure the inside: how wide and high a sheet of card may be that slides in; of a box also how deep."
    >
      <Kept
        put={put}
        things={envelopes.map((envelope) => ({
          ...envelope,
          also: (
            <button
              type="button"
              className="word underline"
              aria-label={`Change ${envelope.name}`}
              onClick={() => change(envelope)}
            >
              change
            </button>
          ),
        }))}
      />
      <EnvelopeForm
        key={changing?.id ?? ''}
        changing={changing}
        put={put}
        onKept={() => change(null)}
        onLeave={changing ? () => change(null) : undefined}
      />
    </Part>
  )
}
