import { Dialog } from 'radix-ui'
import { type ReactNode, useRef } from 'react'

type Props = { open: boolean; onClose: () => void; title: string; children: ReactNode; wide?: boolean; back?: string }

/** A sheet laid over the table for something that wants one's whole attention. */
export function Sheet({ open, onClose, title, children, wide = false, back = 'Back to the bench' }: Props) {
  // it is opened by what is no part of it: the keyboard goes back there when it closes
  const opener = useRef<Element | null>(null)
  return (
    <Dialog.Root open={open} onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          onOpenAutoFocus={() => {
            opener.current = document.activeElement
          }}
          // Escape in a figure that is typed over goes back to the figure, not off the sheet
          onEscapeKeyDown={(event) => {
            if (document.activeElement?.matches('[data-figure]')) event.preventDefault()
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            if (opener.current instanceof HTMLElement) opener.current.focus()
          }}
          className={`fixed top-[6vh] left-1/2 z-30 max-h-[88vh] w-[94vw] -translate-x-1/2 overflow-auto border-b-2 border-ink bg-chalk px-7 py-5 ${wide ? 'max-w-[70rem]' : 'max-w-[38rem]'}`}
        >
          <div className="mb-3 flex items-center justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close className="word underline">{back}</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
