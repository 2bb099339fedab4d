import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { doubledKeys } from './doubledKeys.ts'
import { readTaskFileBytes, readTaskText, TaskFileError } from './index.ts'

const TEXT =
  '{\n  "format": "hop-lark/task", "version": 2, "id": "x",\n  "title": "Limé",\n  "materials": [], "parts": [], "questions": []\n}'
const bytesOf = (text: string) => new Uint8Array(Buffer.from(text, 'utf8'))

function refusal(work: () => unknown): string {
  try {
    work()
  } catch (error) {
    if (error instanceof TaskFileError) return error.message
    throw error
  }
  return 'read'
}

describe('files that are not quite task files', () => {
  it('a byte order mark is passed over', () => {
    expect(readTaskFileBytes(bytesOf(`\uFEFF${TEXT}`)).title).toBe('Limé')
    expect(readTaskText(`\uFEFF${TEXT}`).title).toBe('Limé')
  })

  it('Latin-1 is refused with its place', () => {
    const latin = new Uint8Array(Buffer.from(TEXT, 'latin1'))
    expect(refusal(() => readTaskFileBytes(latin))).toBe(
      'This is not written in UTF-8: line 3, column 16. Save it again as UTF-8.',
    )
  })

  it('a key that stands twice is refused, with its line', () => {
    const twice = TEXT.replace('"title": "Limé",', '"title": "Limé",\n  "id": "y",')
    expect(refusal(() => readTaskText(twice))).toBe("Line 4: 'id' stands here a second time. Keep one of them.")
  })

  it('says nothing of keys that stand once in each of several objects, whatever is in the texts', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(doubledKeys(JSON.stringify(value, null, 2))).toEqual([])
      }),
    )
    expect(doubledKeys('{"a": {"b": 1, "b": 2}, "a\\u0020": "x: {\\"a\\": 1}", "\\u0061": 3}').map(({ key }) => key)).toEqual([
      'b',
      'a',
    ])
  })
})
