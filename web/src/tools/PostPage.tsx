import { useState } from 'react'
import { type PutPost, usePostTables } from '../api/postTables'
import type { PostArea } from '../api/client'
import { Heading } from '../house/Heading'
import { useAttempt } from '../house/Notices'
import { WayBack } from '../house/WayBack'
import { WithFractions } from '../house/WithFractions'
import { Form, TextField } from './Form'
import { Part } from './Part'
import { ServiceForm } from './ServiceForm'

/** What the post takes and asks: limits that ship with the house, changed and priced by what the counter says. */
export function PostPage() {
  const { tables, put } = usePostTables()
  return (
    <div className="mx-auto min-h-dvh max-w-[1400px] px-6 pb-8">
      <header className="flex items-center gap-4 py-3">
        <WayBack />
        <Heading>What the post takes</Heading>
      </header>
      {tables.isError && <p role="alert">{tables.error.message}</p>}
      {tables.data && (
        <main className="grid items-start gap-5 lg:grid-cols-2">
          {tables.data.map((area) => (
            <Area key={area.id} area={area} put={put} />
          ))}
          <NewArea put={put} />
        </main>
      )}
    </div>
  )
}

function Area({ area, put }: { area: PostArea; put: PutPost }) {
  const attempt = useAttempt()
  const [open, setOpen] = useState<string | null>(null)
  const changing = area.services.find(({ id }) => id === open)
  const back = area.isOwn ? 'Forget it' : 'As it came again'
  return (
    <Part
      title={area.area}
      note={
        area.services.length === 0 ? 'No service yet. Type one below.' : `The least first; prices in ${area.currency}.`
      }
    >
      <ul>
        {area.services.map((service) => (
          <li key={service.id} className="flex flex-wrap items-center gap-x-4 border-t border-chalk-dim py-1">
            <span className="min-w-64 flex-1 leading-snug">
              <span className="text-lg">{service.typed.name}</span>
              {service.typed.price && (
                <strong className="ms-4 text-lg">
                  {service.typed.price} {area.currency}
                </strong>
              )}
              <span className="figure-run block text-base">
                <WithFractions text={service.limits} />
              </span>
            </span>
            <span className="ms-auto flex gap-x-2">
              <button
                type="button"
                className="word underline"
                aria-label={`Change ${service.typed.name}`}
                onClick={() => setOpen(service.id)}
              >
                change
              </button>
              <button
                type="button"
                className="word underline"
                aria-label={`Take out ${service.typed.name}`}
                onClick={() => attempt(put.without(area.id, service.id))}
              >
                take out
              </button>
            </span>
          </li>
        ))}
      </ul>
      {open === null ? (
        <p className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="slip" onClick={() => setOpen('')}>
            One more service
          </button>
          {(area.isOwn || area.isChanged) && (
            <button type="button" className="slip" onClick={() => attempt(put.usual(area.id))}>
              {back}
            </button>
          )}
        </p>
      ) : (
        <ServiceForm key={open} area={area} changing={changing} put={put} done={() => setOpen(null)} />
      )}
    </Part>
  )
}

const NO_AREA = { area: '', currency: '' }

function NewArea({ put }: { put: PutPost }) {
  const [typed, type] = useState(NO_AREA)
  const keep = async () => {
    await put.area(typed)
    type(NO_AREA)
  }
  return (
    <Part title="Another postal area" note="Then type its services, from what the counter says.">
      <Form label="Another postal area" action="Keep it" onDo={keep}>
        {(wrong) => (
          <>
            <TextField
              wide
              label="Area"
              value={typed.area}
              wrong={wrong('area')}
              onType={(area) => type({ ...typed, area })}
            />
            <TextField
              label="Currency"
              hint="EUR"
              value={typed.currency}
              wrong={wrong('currency')}
              onType={(currency) => type({ ...typed, currency })}
            />
          </>
        )}
      </Form>
    </Part>
  )
}
