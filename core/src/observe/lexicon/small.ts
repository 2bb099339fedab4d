/** How something looks or smells that is no colour. */
export const STATES = {
  milky: 'milky, milkier, milkiness, milk, chalky, like milk, milky white, whitened, milkily',
  cloudy:
    'cloudy, opaque, turbid, cloudiness, clouded, ~cloud over, turbidity, murky, misty solution, cloudier, opalescent, opalescence, hazy, haze, not see through',
  clear: 'clear, see through, transparent, clears to',
  there: 'there',
  pungent:
    'pungent, pungently, like ammonia, of ammonia, ammoniacal, ammonia smell, smell of wee, like wee, of nappies, like nappies',
  choking:
    'choking, chokey, choky, suffocating, irritating, makes you cough, made me cough, burnt matches, burning sulphur, burning sulfur, struck match, struck matches, burnt match, so2 smell, smell of so2, so2 gas smell, smells of so2, sulfur dioxide smell, sulphur dioxide smell',
  sharp: 'sharp, acrid, stinging, biting, acidic smell',
  'rotten eggs': 'rotten eggs, rotten egg, bad eggs, bad egg, eggs, egg, eggy, rotten',
  vinegar: 'vinegar, vinegary, acetic',
  'swimming pools':
    'swimming pools, swimming pool, swimming baths, bleachy, like bleach, of bleach, chlorine smell, of chlorine, like chlorine, disinfectant',
  fruity:
    'fruity, sweet, fruit, fruits, pear drops, like pear drops, glue, gluey, nail varnish, apples, rotting apples, sweet smelling',
  alcoholic: 'alcoholic, of alcohol, like alcohol, of spirit, like wine, of wine, winey, boozy, alcohol smell',
  antiseptic: 'antiseptic, of antiseptic, of hospitals, like hospitals, like a hospital, medicinal, like antiseptic',
  petrol: 'petrol, of petrol, like petrol, petrolly',
  caramel: 'caramel, burnt sugar, like caramel, of caramel',
  steamy: 'steamy, misty',
} as const satisfies Record<string, string>

/** How much, how fast, how plainly. */
export const DEGREES = {
  slight: `slight, slightly, sl, sltly, slighty, faint, faintly, little, small, trace of, trace, traces of, traces, thin, weak, bit of, tiny, very little, small amount of, small amount,
    not much, not very much, not a lot, not many, barely visible, hardly visible, barely, scarcely, very slight, very faint, a hint of, hint of,
    small quantity of, wee bit of, bit, feint, feintly`,
  partly:
    'partly, partially, part, most, mostly, some, sparingly, partial, some of, most of, incompletely, incomplete, not wholly, not completely, not fully, not entirely, not totally, not all, nearly all, almost all',
  all: 'completely, fully, all, entirely, totally, complete, all of, readily, easily, whole, all the',
  much: `thick, dense, heavy, rapid, rapidly, vigorous, vigorously, vig, loads, lots, strong, strongly, very, v, slow, fast,
    quickly, quick, persistent, intense, really, rly, straight, big, large, copious, lot, lots of, loads of, plenty, plenty of, brisk,
    briskly, violent, violently, gently, more, much, fine, moderate, steady, steadily, great, heavily, most vigorous, obvious, distinct,
    definite, definitely, clearly, crystalline ppt`,
} as const satisfies Record<string, string>

/** When, and where in the tube. */
export const TIMES = {
  hot: 'when hot, while hot, hot, whilst hot, on heating, in the hot',
  cold: `when cold, on cooling, cold, when it cooled, cooled, after cooling, when cool, cools, when it cools, when cooled, once cool, once cold, cooling,
    on cooling down, when it cooled down, cooled down, cools down, at room temperature, as it cooled, as it cools`,
  standing: `on standing, standing, in air, at surface, at top, at the top, at the surface, on top, on the surface, in sunlight, in light, in the light,
    on exposure to air, on exposure, in the air, when left, if left, on leaving, in daylight, in the sun, near the top, near the surface, after standing,
    when left to stand, left to stand, on contact with air, in contact with air, with time, over time, at the edges, round the edges, overnight, exposed to air`,
  first: 'at first, initially, to begin with, to start with, first, originally, at the start, was originally',
  stopped: 'stopped, stops, ceased, ceases, died down, dies down, subsided',
  'cool part': `cooler part, up the sides, up the side, cool part, cold part, cooler end, cool end, cooler, upper part of the tube, upper part of tube, upper part, top of the tube, top of tube, cool sides,
    on sides, on the sides, cold sides, cool side, cold side, cooler parts, cool parts, higher up, high up, up the tube, upper end, cooler side, cooler sides, walls, sides of the tube,
    side of the tube, cooler region, mouth of the tube, neck of the tube, upper walls, upper sides`,
  momentary: `momentary, momentarily, brief, briefly, temporary, temporarily, transient, on shaking, when shaken, on stirring, when stirred, with shaking, after shaking,
    on swirling, when swirled, with stirring, for a moment, for a second, when i shook it, when shook, on mixing`,
} as const satisfies Record<string, string>

/** Words that deny; a slip of the pen is never mended to one of them. */
export const NOTS = {
  not: `no, not, none, without, never, neither, nor, cannot, can't, cant, isn't, isnt, wasn't, wasnt, weren't, werent, aren't, arent, don't, dont,
    doesn't, doesnt, dosnt, dosent, didn't, didnt, did'nt, dident, dint, diddnt, doesnot, didnot, won't, wont, hasn't, hasnt, haven't, havent, hadn't, hadnt, wouldn't, wouldnt, couldn't,
    couldnt, failed to, fails to, fail to, failing to, absence of, absence of any, lack of, lacks, lacking, no longer, hardly any, unable to, refused to, refuses to, zero, nt,
    no sign of, no signs of, no trace of, no evidence of, free of, free from, instead of, rather than, did not, does not, do not, is not, was not, no visible, not any, no more`,
  nothing:
    'nothing, nil, did nothing, does nothing, do nothing, nothing obvious, nothing noticeable, nothing visible, nothing to see, nope, nah, zilch, nada, not a sausage, not a thing, sod all, nowt, nothin, nuthin, nuffin, noting, nothign, nothng, nothing at all, nothing else, nothing much',
  absent: 'absent, ✗, missing, invisible, unseen, imperceptible, not visible, not present, undetectable',
} as const satisfies Record<string, string>

/** Words that join or part clauses. */
export const JOINS = {
  but: 'but, however, though, although, yet, except, apart from, other than, aside from, whereas, while the, whilst the, only',
  next: 'then, afterwards, later, next, subsequently, finally, eventually, after that, followed by',
  and: 'and, &, +, also, n, plus, together with, along with, as well as, as well',
  or: 'or',
  which: 'which, that, so, as, who, where, because, since, when',
} as const satisfies Record<string, string>

/** Words that say nothing by themselves. */
export const IDLE = `expected, expecting, hoped, hoping, hoping for, supposed, supposed to, should have, a, an, before, spits, spat, crackles, crackled, crackling, decrepitates, decrepitated, gave rise to, gives rise to, resulted in, results in, leads to, led to, in the tube, in tube, to the eye, to see, was able to see, as expected, by eye, at all, whatsoever, over the paper, of the paper, part, obs, obsd, cause, caused, causes, stream, streams, stream of, flash, flashes, flashed, a little alkali, a little acid, a little ammonia, a little of the, little alkali, little acid, a little reagent, a little naoh, a little sodium hydroxide, a little nh3, a little more, fell, falls, fall, where the drop fell, where the drops fell, enters, meets, hits, hit, a few drops, few drops, one drop, a drop, a few, few, the, of, in, on, with, w, was, were, is, are, am, it, its, it's, there was, there were, there is, there are, this, these, those, did, does, do, has, had, to be, seen to be, said to be,
  have, having, been, be, being, by, at, from, for, after, again, any, even, excess, xs, adding, added, adds, add, addition, additional, dilute, dil, conc, concentrated, aqueous, aq, alkali,
  acid, acidic, alkaline, reagent, immediately, at once, once, instantly, instant, slowly, gradually, kinda, sort of, kind of, one, two, 2, both, blue glass, cobalt blue glass, cobalt glass, cobalt, glass, looked,
  looks, look, looking, like, patch, shiny, away, throughout, tube, tubes, test tube, test, tests, tested, testing, held, holding, mouth, few, seconds, second, minute, minutes, min,
  mins, secs, sec, about, a minute, wire, could, can, through, thru, i, we, you, my, our, think, thought, now, ish, warming, heating, heated, warmed, warm, heat, boiling, boiled, shaking,
  stirring, part of the tube, side, sides, some time, short time, a while, while, up, off, would, should, will, time, just, quite, back, put, started, starts, start, began, begins, begin, beginning,
  shows, show, showed, showing, showing up, around, distilled water, gently, them, they, their, if, further, noticeable, noticeably, apparent, appreciable, observable, given out, odourless, odorless, inside, down,
  bottom, surface, over, under, near, next to, wafted, when added, upon, during, portion, fresh, original, reading, value, approximately, roughly, approx, exactly, between, seemed, seems, appeared to, appears to, seem to,
  as a result, too, other, another, only just, clean, sample of, drop, drops, each, several, took, takes, take, still in, same time, more naoh, moment, place,
  such, what, i could, me, how, hence, therefore, thus, damp, moist, wet, dry, dampened, moistened, pappr, acidified, gas test, dipped, dip, touched, tinted, tinged, remained there, almost, nearly, maybe, probably,
  compared, than, comparison, whole, lower part, inch, cm, ml, cm3, g, particularly, fairly, rather, pretty, quite a, bit more, initially a, mark, spot, middle, edge, edges, outside, obviously, of course, usual, normal, ok, okay,
  my tube, everyone, carefully, well, good, bad, nice, mixed, mixing, mix, contact, against, paler, background, white tile, tile, card, eventually the, by then, bunsen, burner, air, light, out of, lid, stopper, bung`
