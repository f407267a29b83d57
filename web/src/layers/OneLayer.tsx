import { useState } from 'react'
import { useStock } from '../api/cards'
import { type ChosenLayer, type Layers, spoken, type LayerCommand } from '../api/client'
import { Choice } from '../house/Choice'
import { DieSize } from '../house/Dies'
import { FigureField } from '../house/FigureField'
import { FigureText } from '../house/FigureText'
import { Slip } from '../house/Slip'
import { Swatch } from '../papers/Swatch'
import { TextField } from '../tools/Form'
import { typed } from './typed'

type Props = {
  number: number
  layer: ChosenLayer
  borders: Layers['borders']
  /** Shown, but not yet laid on anything. */
  fixed: boolean
  /** Throws a Problem when it can't be so. */
  onChange: (layer: LayerCommand['layers'][number]) => Promise<unknown>
  /** The same, where a refusal is told at the foot of the page. */
  onPick: (layer: LayerCommand['layers'][number]) => void
  onAway: () => void
}

/** One layer: its paper, its border or own size, what lifts it. */
export function OneLayer({ number, layer, borders, fixed, onChange, onPick, onAway }: Props) {
  const stock = useStock()
  const papers = stock.data?.cardstocks ?? []
  const paper = papers.find(({ id }) => id === layer.paper)
  const [size, setSize] = useState({ width: layer.width?.text ?? '', height: layer.height?.text ?? '' })
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-chalk-dim py-1.5">
      <span className="figure-run w-6 text-lg">{number}</span>
      {paper && <Swatch paper={paper} otherSide={layer.otherSide} />}
      {fixed ? (
        <span className="text-lg">{paper?.name}</span>
      ) : (
        <Choice
          label={`Paper of layer ${number}`}
          value={layer.paper}
          onChoose={(id) => onPick({ ...typed(layer), paper: id })}
          quiet
        >
          {!paper && <option value={layer.paper}>not among your papers</option>}
          {papers.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choice>
      )}
      <span className="text-base italic">{layer.die ?? (layer.width ? 'own size' : 'border')}</span>
      {fixed ? (
        <FigureText figure={layer.border} unit className="text-xl" />
      ) : layer.width && layer.height ? (
        <span className="inline-flex items-center gap-1 text-xl">
          <DieSize
            size={{ width: layer.width, height: layer.height }}
            even={layer.die !== undefined && layer.width.mm === layer.height.mm}
          />
          <button
            type="button"
            className="word text-base underline"
            onClick={() => onPick({ ...typed(layer), width: undefined, height: undefined, die: undefined })}
          >
            a border instead
          </button>
        </span>
      ) : (
        <>
          <FigureField
            label={`Border of layer ${number}`}
            figure={layer.border}
            className="text-[1.5rem]"
            onWrite={(text) => onChange({ ...typed(layer), border: text })}
            onMove={(divisions) => onChange({ ...typed(layer), divisions })}
          />
          <span role="group" aria-label={`Usual borders for layer ${number}`} className="inline-flex items-center">
            {borders.map(({ text, figure }) => (
              <button
                key={text}
                type="button"
                className="word text-[1.4rem]"
                aria-label={`Border ${spoken(figure)} for layer ${number}`}
                aria-pressed={Math.abs(figure.mm - layer.border.mm) < 0.0001}
                onClick={() => onPick({ ...typed(layer), border: text })}
              >
                <FigureText figure={figure} unit />
              </button>
            ))}
          </span>
        </>
      )}
      {!fixed && (
        <span className="ms-auto inline-flex flex-wrap items-center">
          <Choice
            label={`Foam under layer ${number}`}
            value={layer.pad?.text ?? ''}
            onChoose={(pad) => onPick({ ...typed(layer), pad })}
            quiet
          >
            <option value="">flat</option>
            {[...new Set([...(stock.data?.foams ?? []), ...(layer.pad ? [layer.pad.text] : [])])].map((thick) => (
              <option key={thick} value={thick}>
                on foam, {thick}
              </option>
            ))}
          </Choice>
          <Slip
            label="own size"
            title={`A size of its own for layer ${number}`}
            action="Cut it so"
            onDo={() => onChange({ ...typed(layer), ...size, die: undefined })}
            className="word text-base underline"
          >
            <span className="flex gap-4">
              <TextField label="Width" value={size.width} onType={(width) => setSize({ ...size, width })} />
              <TextField label="Height" value={size.height} onType={(height) => setSize({ ...size, height })} />
            </span>
          </Slip>
          {paper?.pattern === 'DOUBLE_SIDED' && (
            <button
              type="button"
              className="word text-base"
              aria-pressed={layer.otherSide}
              onClick={() => onPick({ ...typed(layer), otherSide: !layer.otherSide })}
            >
              other side out
            </button>
          )}
          <button type="button" className="word text-lg" aria-label={`Take layer ${number} away`} onClick={onAway}>
            ×
          </button>
        </span>
      )}
    </li>
  )
}
