/** Weighing is ordered, and no sum: "find the mass of an empty crucible". */
const WEIGHING = String.raw` (?:its|(?:the )?(?:new )?mass(?: again|(?= of (?:an?|the|your|one|each) (?:\w+ ){0,3}(?:tablet|pill|lozenge|crucible|dish|basin|bottle|boat|beaker|tube|cup|container))|(?! of))\b)`
const BEGINS = new RegExp(
  String.raw`^(?:hence,?\s+|then,?\s+|now,?\s+|also,?\s+|finally,?\s+|use (?:your|the|an?) [^,.;]{3,60} to\s+|from (?:your|the|these)[^,.;]{3,60},\s*|from (?:your|the) [a-z ]{3,36}(?=obtain|find|calculate|work out)|using (?:your|the)[^,.;]{3,60},\s*|by [^,.;]{3,60},\s*)?(?:calculate|compute|work out|find(?!${WEIGHING})|average (?=the|your)|determine(?!${WEIGHING})|deduce|obtain (?:the|an?) (?:suitable |accurate )?(?:value|concentration|rate|volume|mean)|report|express|read off|read (?:from )?(?:the|your) graph|identify|name(?! (?:it|this|the (?:new |diluted )?solution)\b)|record (?=[^.]*\b(?:average|mean) titr)|state|draw (?:a|another) (?:\w+ )?tangent at|suggest|explain|comment|describe (?!the appearance)|outline|predict|justify|give|estimate|evaluate|compare|discuss|what|which|why|how|who|whose|does|is the|are the|write (?:an?|the|down (?:the equation|how|an?)|balanced|ionic)|complete (?:and balance )?the equation|decide|show that|say (?=what|which)|tell|list the ions)\b`,
  'i',
)
const STORY = /^(?:you (?:are|will|have)|in this (?:question|experiment|task|exercise|investigation)|your task|the aim)\b/i
/** "What to do", "How to begin": headings. */
const HEADS = /^(?:what|how) (?:to|you (?:do|need|will need))\b[^?]{0,30}$/i
const ANSWERED = /\?\s*["')]?$/

const ORDERS_WORK = new RegExp(
  String.raw`(?<!\b(?:to|will|can|you|could|then you) )\b(?:calculate|compute|find|determine|work out|deduce|estimate|obtain|read(?: off)?(?= the volume| from (?:the|your) graph))\b(?!${WEIGHING})(.*)$`,
  'i',
)

/** What a sentence that is a step, too, asks for after all: "Draw the curve, and from the tangent find the rate". */
export function askedWithin(text: string): string | undefined {
  if (STORY.test(text) || /\byou (?:will|are)\b/i.test(text)) return undefined
  const draws = /^(?:[A-Z]\. )?(?:plot|draw|extrapolate|use)\b/i.test(text)
  return ORDERS_WORK.exec(draws ? text.replace(/\bto (?=find|calculate|determine|work out)/g, 'and ') : text)?.[0]
}

/** Whether a sentence asks for something, in words or by an order to work it out. */
export function isAsked(text: string): boolean {
  if (STORY.test(text) || HEADS.test(text)) return false
  return ANSWERED.test(text) || BEGINS.test(text)
}
