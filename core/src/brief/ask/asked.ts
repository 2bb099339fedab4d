const BEGINS =
  /^(?:hence,?\s+|then,?\s+|now,?\s+|also,?\s+|finally,?\s+|use (?:your|the|an?) [^,.;]{3,60} to\s+|from (?:your|the|these)[^,.;]{3,60},\s*|using (?:your|the)[^,.;]{3,60},\s*|by [^,.;]{3,60},\s*)?(?:calculate|compute|work out|find(?! its)|determine|deduce|obtain the (?:value|concentration|rate|volume|mean)|report|express|identify|name|state|suggest|explain|comment|describe (?!the appearance)|outline|predict|justify|give|estimate|evaluate|compare|discuss|what|which|why|how|who|whose|does|is the|are the|write (?:an?|the|down (?:the equation|how|an?)|balanced|ionic)|complete (?:and balance )?the equation|decide|show that|tell|list the ions)\b/i
const STORY = /^(?:you (?:are|will|have)|in this (?:question|experiment|task|exercise)|your task|the aim)\b/i
const ANSWERED = /\?\s*["')]?$/

const ORDERS_WORK =
  /(?<!\b(?:to|will|can|you|could|then you) )\b(?:calculate|compute|find|determine|work out|deduce|estimate|obtain|read(?: off)?(?= the volume))\b(?! (?:its|the(?: new)? mass\b(?! of)))(.*)$/i

/** What a sentence that is a step, too, asks for after all: "Draw the curve, and from the tangent find the rate". */
export function askedWithin(text: string): string | undefined {
  if (STORY.test(text) || /\byou (?:will|are)\b/i.test(text)) return undefined
  const draws = /^(?:[A-Z]\. )?(?:plot|draw|extrapolate|use)\b/i.test(text)
  return ORDERS_WORK.exec(draws ? text.replace(/\bto (?=find|calculate|determine|work out)/g, 'and ') : text)?.[0]
}

/** Whether a sentence asks for something, in words or by an order to work it out. */
export function isAsked(text: string): boolean {
  if (STORY.test(text)) return false
  return ANSWERED.test(text) || BEGINS.test(text)
}
