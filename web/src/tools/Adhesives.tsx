import { useState } from 'react'
import type { OwnStock } from '../api/client'
import type { Put } from '../api/tools'
import { Choice } from '../house/Choice'
import { useAttempt } from '../house/Notices'
import { Form, TextField } from './Form'
import { Kept } from './Kept'
import { Part } from './Part'

type Glue = OwnStock['adhesives'][number]
type Kinds = OwnStock['adhesiveKinds']
type Typed = Pick<Glue, 'name' | 'kind' | 'open' | 'sets' | 'caution'>

const EMPTY: Typed = { name: '', kind: 'WET', open: '', sets: '', caution: '' }

/** What there is to glue with: the usual ones as the maker has them, and more. */
export function Adhesives({ adhesives, kinds, put }: { adhesives: Glue[]; kinds: Kinds; put: Put }) {
  const [changing, setChanging] = useState<Glue | null>(null)
  return (
    <Part
      title="Adhesives"
      note="Each joint is told one that holds it. Hide what you have none of: another that holds is told instead."
    >
      <Kept
        put={put}
        things={adhesives.map((glue) => ({
          ...glue,
          more: glue.caution && <span className="basis-full text-base text-wrong">{glue.caution}</span>,
          also: <Changing glue={glue} put={put} change={() => setChanging(glue)} />,
        }))}
      />
      <AdhesiveForm
        key={changing?.id ?? ''}
        changing={changing}
        kinds={kinds}
        put={put}
        done={() => setChanging(null)}
      />
      <p className="plate-note mt-3">
        Times are from memory: the pack knows better. Follow the maker’s safety sheet and local rules.
      </p>
    </Part>
  )
}

function Changing({ glue, put, change }: { glue: Glue; put: Put; change: () => void }) {
  const attempt = useAttempt()
  const back = glue.own ? 'Forget it' : 'As usual again'
  return (
    <>
      <button type="button" className="word underline" aria-label={`Change ${glue.name}`} onClick={change}>
        change
      </button>
      {!glue.usual && (
        <button
          type="button"
          className="word underline"
          aria-label={`${back}: ${glue.name}`}
          onClick={() => attempt(put.usualAdhesive(glue.id))}
        >
          {back.toLowerCase()}
        </button>
      )}
    </>
  )
}

type FormProps = { changing: Glue | null; kinds: Kinds; put: Put; done: () => void }

function AdhesiveForm({ changing, kinds, put, done }: FormProps) {
  const [typed, setTyped] = useState<Typed>(changing ?? EMPTY)
  const keep = async () => {
    const { name, kind, open, sets, caution } = typed
    const body = { name, kind, open, sets, caution }
    await (changing ? put.changedAdhesive(changing.id, body) : put.adhesives(body))
    setTyped(EMPTY)
    done()
  }
  return (
    <Form
      label={changing ? `Change ${changing.name}` : 'One more adhesive'}
      action={changing ? 'Change it' : 'Keep it'}
      onDo={keep}
    >
      {(wrong) => (
        <>
          <TextField
            wide
            label="Name"
            hint="Paste"
            value={typed.name}
            wrong={wrong('name')}
            onType={(name) => setTyped({ ...typed, name })}
          />
          <Choice
            label="Good for"
            value={typed.kind}
            onChoose={(kind) => setTyped({ ...typed, kind: kind as Typed['kind'] })}
          >
            {kinds.map(({ kind, words }) => (
              <option key={kind} value={kind}>
                {words}
              </option>
            ))}
          </Choice>
          <TextField
            label="Can be moved for"
            hint="45 s"
            value={typed.open}
            wrong={wrong('open')}
            onType={(open) => setTyped({ ...typed, open })}
          />
          <TextField
            label="Sets in"
            hint="10 min"
            value={typed.sets}
            wrong={wrong('sets')}
            onType={(sets) => setTyped({ ...typed, sets })}
          />
          <TextField
            wide
            label="Caution"
            hint="none"
            value={typed.caution}
            wrong={wrong('caution')}
            onType={(caution) => setTyped({ ...typed, caution })}
          />
          {changing && (
            <button type="button" className="slip" onClick={done}>
              Leave it
            </button>
          )}
        </>
      )}
    </Form>
  )
}
