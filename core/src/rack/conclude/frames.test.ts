import { describe, expect, it } from 'vitest'
import { waysOf } from '../../wording/testing/ways.ts'
import { readShortClaims } from '../testing/claims.ts'

/** Ions as they are named in a conclusion. */
const IONS = [
  ['sulfate', 'SO4^2-'],
  ['zinc', 'Zn^2+'],
  ['Cl-', 'Cl^-'],
  ['iron(III)', 'Fe^3+'],
  ['magnesium', 'Mg^2+'],
] as const

/** Ways of saying of an ion, `%`, that it is there, is not, or may be (common practice). */
const OF_ONE = [
  [
    '+',
    `%|% present|contains %|it contains %|P contains %|% is present|so % is present|therefore % is present|must be %|it
  is %|there is %|% found|% was found|% detected|% confirmed|proves %|shows % is present|this shows that it contains
  %|% are there|% definitely|has % in it|% in it|got %|the sample is a salt of %|it has to be %|% identified|%
  proven|%: yes|% yes|conclusion: %|the ion is %|the unknown is %|I conclude that % is present|which shows %|confirms
  the presence of %|presence of %|% must be present|% has been shown|we can conclude % is present|the solution
  contains %|so it has %|% is in P|P is %|hence %|test positive for %|tested positive for %|positive test for
  %|definitely contains %|sure its %|% because of the test`,
  ],
  [
    '-',
    `no %|% absent|not %|% is absent|% is not present|no % present|does not contain %|% ruled out|rules out %|% cannot be
  present|absence of %|there is no %|% not found|% was not detected|it isnt %|isnt %|cant be %|it cannot be %|without
  %|free of %|% excluded|% is not there|%: no|% no|no % in it|% isn't in it|no evidence of %|% is missing|not a %
  salt|contains no %|% eliminated|we can rule out %|so % can be ruled out|% is ruled out|this rules out %|it does not
  have %|% was not found|% not present|no sign of %|test negative for %|negative test for %|tested negative for %|%
  could not be found|% is impossible|couldn't be %|no % ions|lacks %|definitely not %|it is not %|so it isn't %|% is
  out|therefore no %|hence % is absent|% could be eliminated|excludes %|% failed the test|we did not find %|did not
  detect %|has no %|neither % nor anything|P has no % in it|it wasn't %|there was no %|no % whatsoever|% must be
  absent`,
  ],
  [
    '?',
    `maybe %|possibly %|probably %|could be %|% ?|%?|might be %|may contain %|% is likely|likely %|% is possible|perhaps
  %|I think %|i think it is %|looks like %|suggests % maybe|seems to be %|probably contains %|it could contain %|%
  cannot be told|cannot say if % is present|not sure about %|unsure about %|% not tested|could not decide whether % is
  present|not certain of %|suspect %|I suspect %|% suspected|% is thought to be present|appears to be %|% probably|%
  perhaps|% i think|we think it might be %|can't tell if its %|can't be sure about %|there may be %|% may be there|%
  could be present|unclear whether % is present|it is unclear if it contains %|doubtful %|% is uncertain|possible
  %|don't know if % is there|might have %|% might be in it|cannot be certain that % is there|cannot rule out %|can't
  rule out %|% cannot be ruled out|% can't be excluded|% not ruled out|not proof of %|% not confirmed|does not prove
  %|not enough to say %|consistent with %|I guess %|guess: %|more tests needed for %|no test was done for %|we did not
  test for %|didn't test for %`,
  ],
] as const

/** Ways of speaking of two ions, `%` and `#`. */
const OF_TWO = [
  [
    '+',
    '+',
    `% and #|contains % and #, definitely|both % and # are present|present: %, #|cation %, anion #|cation: %; anion:
  #|cation is %. anion is #.|% ions and # ions|%, #|% + #|% & #`,
  ],
  [
    '+',
    '-',
    `% but not #|%; no #|% is present and # is absent|% rather than #|% not #|# ruled out so %|% is there, # isnt|%
  present # absent|% yes # no|%: yes, #: no|%, not #|% instead of #|% is confirmed and # excluded|% (not #)|% and no
  #|it is % and it isnt #|% is present, # is not|% but no #|% without #|% only, no #`,
  ],
  ['-', '+', `not % but #|no % but #|not %. It is #.`],
  [
    '?',
    '?',
    `% or #|either % or #|it could be % or it could be #|probably % and #|not sure if % or #|% is more likely than
  #|either % or # is present|% or # could be present|can't tell % from #|cannot distinguish % and #|it is % or #,
  cannot tell which|possible: % or #`,
  ],
  [
    '-',
    '-',
    `neither % nor #|no % or #|not % or #|% and # absent|% and # are both absent|% and # are ruled out|I rule out % and
  #|not % and not #|absent: %, #|ruled out: % and #`,
  ],
  [
    '+',
    '?',
    `%, maybe #|% and possibly #|%, but # cannot be ruled out|% but maybe also #|% though # is possible|% (possibly #)|%
  must be present but # is uncertain`,
  ],
  ['?', '-', `% might be there but not #`],
] as const

const read = (text: string) => [...readShortClaims(text)].sort().join()

describe('every way of concluding', () => {
  it.each(OF_ONE)('%s of one ion', (sign, written) => {
    const missed = IONS.flatMap(([name, ion]) =>
      waysOf(written)
        .map((way) => way.replace('%', name))
        .filter((text) => read(text) !== `${sign}${ion}`),
    )
    expect(missed).toEqual([])
  })

  it.each(OF_TWO)('%s of the one and %s of the other', (first, second, written) => {
    const missed = IONS.flatMap(([name, ion]) =>
      IONS.filter((one) => one[1] !== ion).flatMap(([other, otherIon]) =>
        waysOf(written)
          .map((way) => way.replace('%', name).replace('#', other))
          .filter((text) => read(text) !== [`${first}${ion}`, `${second}${otherIon}`].sort().join()),
      ),
    )
    expect(missed).toEqual([])
  })
})
