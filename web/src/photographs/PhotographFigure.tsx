import type { Photograph } from '@hop-lark/core/record'
import { useTask } from '../notebook/derived.ts'
import { usePicture } from './usePicture.ts'

/** A photograph with what it shows. */
export function PhotographFigure({ photograph, caption }: { readonly photograph: Photograph; readonly caption: string }) {
  const { sha256, width, height } = photograph
  const address = usePicture(useTask().id, sha256)
  return (
    <figure className="my-3 w-fit max-w-full">
      {address ? (
        <img src={address} width={width} height={height} alt={caption} className="h-auto max-h-96 w-auto max-w-full rounded" />
      ) : (
        <p className="rounded border border-rule p-4 text-ink-soft">
          The picture is not on this device yet. It comes when the server has it.
        </p>
      )}
      <figcaption className="text-sm text-ink-soft">{caption}</figcaption>
    </figure>
  )
}
