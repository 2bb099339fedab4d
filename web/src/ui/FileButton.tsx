import { type ReactNode, useRef } from 'react'
import { Button } from './Button.tsx'

interface FileButtonProps {
  /** What the file is, to be said aloud. */
  readonly label: string
  readonly accept: string
  readonly multiple?: boolean
  readonly icon?: ReactNode
  readonly disabled?: boolean
  /** Whether what has the cursor keeps it when the button is pressed. */
  readonly keepsCursor?: boolean
  readonly onFiles: (files: readonly File[]) => void
  readonly children: ReactNode
}

/** A button that lets a file of this device be chosen; the same file can be chosen again. */
export function FileButton({
  label,
  accept,
  multiple = false,
  icon,
  disabled = false,
  keepsCursor = false,
  onFiles,
  children,
}: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        multiple={multiple}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])]
          event.target.value = ''
          if (files.length > 0) onFiles(files)
        }}
      />
      <Button
        icon={icon}
        disabled={disabled}
        {...(keepsCursor ? { onMouseDown: (event) => event.preventDefault() } : {})}
        onClick={() => input.current?.click()}
      >
        {children}
      </Button>
    </>
  )
}
