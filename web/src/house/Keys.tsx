import { createContext, type ReactNode, useContext, useEffect, useState } from 'react'
import { Sheet } from './Sheet'

const Show = createContext<() => void>(() => {})

/** What each key does, by where it does it. */
const KEYS: { where: string; keys: [keys: string, does: string][] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['?', 'this list'],
      ['Ctrl or ⌘ + Z', 'undo'],
      ['Ctrl or ⌘ + Shift + Z', 'redo'],
      ['Esc', 'close, let go, put down'],
    ],
  },
  {
    where: 'From place to place of a card',
    keys: [['Alt + 1, 2, 3 …', 'Bench, Layers, Cut and so on along the thread']],
  },
  {
    where: 'On a figure',
    keys: [
      ['Arrow keys', 'a mark of the ruler more or less'],
      ['Page up, page down', 'eight marks'],
      ['A digit, or Enter', 'type over it; Enter keeps, Esc leaves it'],
      ['F', 'on a score of a free card: fold it the other way'],
      ['Delete', 'on a score of a free card: take it away'],
    ],
  },
  {
    where: 'On the name of a slit or slanted score',
    keys: [['Arrow keys', 'move all of it']],
  },
  {
    where: 'While a line is dragged',
    keys: [
      ['Alt', 'anywhere, off the marks'],
      ['Shift', 'neighbours follow where they stayed, or stay where they followed'],
      ['Esc', 'put it back'],
    ],
  },
  {
    where: 'On a piece on its sheet, at Cut',
    keys: [
      ['Enter', 'take it up, lay it down'],
      ['Arrow keys, with Shift farther', 'move it'],
      ['T', 'turn it'],
    ],
  },
  {
    where: 'At the table',
    keys: [
      ['Space, right, down, Page down', 'the next step'],
      ['Left, up, Page up', 'the one before'],
    ],
  },
]

/** The list of keys, which `?` opens wherever one does not type; and what opens it at a press. */
export function Keys({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false)
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches('input:not([type=range]), textarea')
      if (event.key !== '?' || typing || event.ctrlKey || event.metaKey || event.altKey) return
      event.preventDefault()
      setOpen(true)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
  const [show] = useState(() => () => setOpen(true))
  return (
    <Show.Provider value={show}>
      {children}
      <Sheet open={open} onClose={() => setOpen(false)} title="Keys" back="Close">
        <dl className="grid gap-y-4">
          {KEYS.map(({ where, keys }) => (
            <div key={where}>
              <dt className="text-lg italic">{where}</dt>
              <dd>
                <table className="w-full text-lg">
                  <tbody>
                    {keys.map(([key, does]) => (
                      <tr key={key}>
                        <th scope="row" className="w-[45%] py-1 pe-4 text-start align-top font-semibold">
                          {key}
                        </th>
                        <td className="py-1 align-top">{does}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </dd>
            </div>
          ))}
        </dl>
      </Sheet>
    </Show.Provider>
  )
}

/** Opens the list of keys. */
export function ShowKeys() {
  const show = useContext(Show)
  return (
    <button
      type="button"
      className="ms-auto min-h-7 px-2 text-base underline-offset-4 hover:underline"
      aria-haspopup="dialog"
      onClick={show}
    >
      keys <kbd className="font-[inherit]">?</kbd>
    </button>
  )
}
