import { useState } from 'react'
import { useLocation } from 'wouter'
import { useDrawer } from '../api/cards'
import { Slip } from '../house/Slip'
import { lastHabits } from './habits'

/** A card of no structure: a bare sheet to draw on. */
export function BareSheet() {
  const [size, setSize] = useState({ width: '', height: '' })
  const { bare } = useDrawer()
  const [, go] = useLocation()
  const begin = async () => {
    const card = await bare.mutateAsync({ ...size, ruler: lastHabits().ruler })
    go(`/card/${card.id}`)
  }
  return (
    <Slip
      label="A bare sheet"
      title="A bare sheet to draw on"
      action="Lay it on the bench"
      onDo={begin}
      className="slip"
    >
      {(['width', 'height'] as const).map((side) => (
        <label key={side} className="flex items-center justify-between py-1 text-base">
          {side === 'width' ? 'Sheet width' : 'Sheet height'}
          <input
            className="figure min-h-11 w-40 border-b-2 border-ink bg-paper px-2 text-xl"
            value={size[side]}
            maxLength={60}
            onChange={(event) => setSize({ ...size, [side]: event.target.value })}
          />
        </label>
      ))}
    </Slip>
  )
}
