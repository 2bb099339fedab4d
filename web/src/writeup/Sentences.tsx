import type { Section, Sentence } from '@hop-lark/core/writeup'
import { ownSentenceId } from '@hop-lark/core/writeup'
import { Check, Plus } from 'lucide-react'
import { useState } from 'react'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { SentenceEditor } from './SentenceEditor.tsx'
import { SentenceText } from './SentenceText.tsx'
import { useWriteup } from './useWriteup.ts'

interface SentencesProps {
  readonly section: Section
  readonly as: 'paragraph' | 'list'
  readonly sentences: readonly Sentence[]
}

/** Sentences of a section: each can be taken over, put into one's own words, left out, or put back. */
export function Sentences({ section, as, sentences }: SentencesProps) {
  const task = useTask()
  const { keep } = useWriteup()
  const [open, setOpen] = useState<string>()
  const [left, setLeft] = useState<string>()
  const made = sentences.filter(({ state }) => state === 'made')
  const added: Sentence = { id: ownSentenceId(task, section.id), made: '', text: '', state: 'own' }
  const shown = open === added.id ? [...sentences, added] : sentences
  const Item = as === 'list' ? 'li' : 'span'
  const List = as === 'list' ? 'ul' : 'div'
  return (
    <div className="group my-1.5">
      <List className={as === 'list' ? 'list-disc pl-5' : 'leading-relaxed'}>
        {shown.map((sentence) => (
          <Item key={sentence.id} className={as === 'list' ? 'py-0.5' : ''}>
            {open === sentence.id ? (
              <SentenceEditor
                sentence={sentence}
                onDone={() => {
                  setLeft(sentence.id)
                  setOpen(undefined)
                }}
              />
            ) : (
              <SentenceText sentence={sentence} isLeft={left === sentence.id} onOpen={() => setOpen(sentence.id)} />
            )}
            {as === 'paragraph' && ' '}
          </Item>
        ))}
      </List>
      <p className="mt-1 flex flex-wrap gap-4 text-sm print:hidden">
        {made.length > 0 && (
          <Button
            look="quiet"
            icon={<Check size={14} aria-hidden="true" />}
            onClick={() =>
              keep(
                `take over ${section.heading}`,
                made.map((sentence) => ({ sentence, text: sentence.text })),
              )
            }
          >
            Take {made.length === 1 ? 'it' : `all ${made.length}`} over
          </Button>
        )}
        <Button look="quiet" icon={<Plus size={14} aria-hidden="true" />} onClick={() => setOpen(added.id)}>
          Add a sentence
        </Button>
      </p>
    </div>
  )
}
