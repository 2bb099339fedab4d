/**
 * What happened, each with the words it is written in (common practice). A phrase after a `~` stands for all forms of its
 * first word: `~come back` is "came back", too.
 */
export const VERBS = {
  become: `~go back to, ~turn back to, ~return to, ~turn, go, goes, went, going, ~go to, ~become, ~change to, to, into, >, coloured, colored, ~colour it, ~change from,
    ~darken, ~darken to, ~make, ~end up`,
  change: `change to be seen, ~change, reaction, reactions, rxn, effect, ~happen, difference, ~affect, ~react, observation, observations, anything,
    owt, result, ~differ, ~alter, alteration`,
  unchanged: `neutral, silent, silence, quiet, without colour change, without change, without a change, without any change, no change to the, no change to, no change in the, no change in, no change with the, no change with, no action, unreactive, unresponsive, as it was, ~stay as it was, ~remain as it was, just as before, like before, the
    same colour, same colour, no response, no joy, no luck, no good, no result, no results, negative, -ve, -ve result, neg,
    same as before, unchanged, unaffected, unaltered, nvc, n v c, ~stay the same, ~remain the same, the same, same, as
    before, no positive result, inert, negative result`,
  remain: `~remain, ~stay, still, ~persist, left, ~keep, ~continue, ~carry on, ~leave behind, ~survive, ~retain, ~keep its, ~hold
    its, ~resist, permanent, permanently, lasting, lasts, lasted`,
  form: `to be seen, to be had, ~form, ~develop, ~appear, ~produce, ~give off, ~give, ~evolve, evolution, ~see, ~observe, ~come off, ~obtain, ~separate out,
    ~separate, ~throw down, ~precipitate out, present, formation, ~release, ~notice, visible, ~generate,
    ~liberate, emitted, ~detect, ~find, ~hear, ~get, ~come down, ~come out, ~create, ~come, ~settle, ~settle out, driven
    off, is there, deposited, ~collect, results, resulted, ~crystallise, could be seen, could see, was there, leaves,
    leaving, ~leave a, was left, is left, were left, are left, ~form a, ~arise, ~escape, ~yield, ~occur`,
  dissolve: `diss, ~dissolve, ~redissolve, ~budge, soluble, sol, re dissolve, re dissolves, re dissolved, ~go into solution, solubility, ~go
    back into solution, dissolution, resolves`,
  insoluble: 'insoluble, insol, undissolved, not soluble, indissoluble, insolluble',
  vanish: `~disappear, gone, ~vanish, ~go away, ~remove, clears, cleared, clearing, ~clear up, ~lose to view, is no more, ~go again`,
  decolourise: `~decolourise, ~decolorise, ~decolorize, ~decolourize, decol, ~fade, decolourisation, decolorisation, decolorization,
    ~lose its colour, ~lose colour, ~discharge, loss of colour, loss of color, ~lose the colour, decoloured, colour lost,
    colour discharged, colour is lost, colour is discharged`,
  bleach: '~bleach',
  pop: '~pop, squeaky pop, sq pop, ~squeak, squeaky, small explosion, pop sound, popping sound',
  relight: `~relight, relited, ~rekindle, ~reignite, ~catch fire again, ~light back up, ~come alight, ~come back to life, ~light up
    again, relits, ~burst back into flame, re lit, re lights, re light, re ignited, re ignites, lit again, lights again`,
  kindle: `~catch fire, ~catch light, ~ignite, ~burst into flame, ~burst into flames, ~light up, ~glow brighter, ~glow brightly,
    ~flare up, ~flare, ~catch alight`,
  returns: '~come back, ~return, ~reappear',
  out: `~go out, ~put out, ~extinguish, ~put the splint out, ~put splint out, ~put it out, ~blow out, ~snuff out, ~snuff, ~put
    the flame out`,
  lose: '~lose',
  died: `didnt light, did not light, doesnt light, does not light, wont light, would not light, unlit, not lit, ~stop glowing,
    ~die, ~die out, ~keep glowing, ~go on glowing, ~continue to glow, ~go dull, ~go dead, ~go cold, glow went, ~smoulder, just glowed`,
  positive: '+ve, positive, positive result, +ve result, tested positive, test positive',
  melt: '~melt, ~liquefy, ~turn to liquid, ~turn liquid, ~become liquid, ~go liquid, ~fuse',
  sublime: 'sublimate, ~sublime, sublimation, sublimated, sublimates, sublimation occurred',
  burn: '~burn, ~take fire, ~combust, set alight',
  mixes:
    'mixes, mix completely, mixes completely, mixed completely, miscible, completely miscible, fully miscible, mixes with water, mixes with it, mix with it, mix with water, one layer, single layer, no layers',
  apart:
    'immiscible, not miscible, floats, floated, sinks, sank, separates into two layers, separated into two layers, does not mix, do not mix, did not mix, doesnt mix, didnt mix, dont mix, insoluble in water, not soluble in water, oily drops at the bottom',
  warms: `~get hot, ~get warm, ~get warmer, ~get hotter, exothermic, temperature rises, temperature rose, temperature increased,
    temp rises, temp rose, temperature rise, ~become hot, ~become warm, ~feel warm, ~feel hot, ~give out heat, very
    exothermic, ~feel warmer, ~become warmer, warm to touch, hot to touch, warm to the touch, hot to the touch, ~get very
    hot, ~turn hot, ~turn warm, ~become very hot, heat given out, heat given off, heat evolved, heat produced, heat
    released, ~heat up, rise in temperature, increase in temperature, warms, ~warm up`,
} as const satisfies Record<string, string>
