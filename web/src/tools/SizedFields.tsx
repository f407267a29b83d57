import type { ReactNode } from 'react'
import { TextField } from './Form'

type Sized = { name: string; width: string; height: string }

type FieldsProps = {
  thing: Sized
  wrong: (field: string) => boolean
  onType: (thing: Sized) => void
  children?: ReactNode
}

/** Name, width and height of something that is kept. */
export function SizedFields({ thing: { name, width, height }, wrong, onType, children }: FieldsProps) {
  const sized = { name, width, height }
  return (
    <>
      <TextField
        wide
        label="Name"
        value={name}
        wrong={wrong('name')}
        onType={(text) => onType({ ...sized, name: text })}
      />
      <TextField
        label="Width"
        value={width}
        wrong={wrong('width')}
        onType={(text) => onType({ ...sized, width: text })}
      />
      <TextField
        label="Height"
        value={height}
        wrong={wrong('height')}
        onType={(text) => onType({ ...sized, height: text })}
      />
      {children}
    </>
  )
}
