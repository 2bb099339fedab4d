import { readFile } from 'node:fs/promises'
import { createRequire } from 'node:module'
import { type Drawing, svgOf } from '@hop-lark/core/writeup'
import { initWasm, Resvg } from '@resvg/resvg-wasm'

const require = createRequire(import.meta.url)
const fileOf = (name: string) => readFile(require.resolve(name))

const FONT = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2'
const FONT_NAME = 'Atkinson Hyperlegible Next'
/** How much finer than it is shown. */
const FINER = 3

let ready: Promise<Uint8Array> | undefined

/** Begun once: the program that draws, and the font it writes with. */
async function begin(): Promise<Uint8Array> {
  await initWasm(fileOf('@resvg/resvg-wasm/index_bg.wasm'))
  return fileOf(FONT)
}

/** A drawing as PNG on white, without a browser. */
export async function rasterise(drawing: Drawing): Promise<Uint8Array> {
  ready ??= begin()
  const font = await ready
  const picture = new Resvg(svgOf(drawing), {
    background: '#ffffff',
    fitTo: { mode: 'zoom', value: FINER },
    font: { fontBuffers: [font], loadSystemFonts: false, defaultFontFamily: FONT_NAME },
  })
  return picture.render().asPng()
}
