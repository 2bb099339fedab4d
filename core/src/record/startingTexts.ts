/**
 * What starting sheets say is done, in the language of task sheets, so that they are read as any other sheet. What they leave
 * open is asked about: which bottle holds what, how strong it is.
 */
export const STARTING_TEXTS = {
  'weigh-titrate': `F1 is a solid.
F2 is a solution.

1 Weigh about 2 g of F1 in a weighing bottle. Tip it into a beaker and weigh the bottle again. Dissolve it in water and make the solution up to 250 cm³ in a volumetric flask. This is F3.
2 Fill the burette with F2. Pipette 25.0 cm³ of F3 into a conical flask and titrate with F2. Repeat until two titres agree within 0.10 cm³.

Eye protection on. Never fill a pipette by mouth.`,
  direct: `F1 is a solution.
F2 is a solution.

1 Fill the burette with F1. Pipette 25.0 cm³ of F2 into a conical flask and titrate with F1. Repeat until two titres agree within 0.10 cm³.

Eye protection on. Never fill a pipette by mouth.`,
  standardise: `S is a solid.
B is a solution.

1 Weigh about 0.4 g of S into each of two conical flasks. Write down each mass to 0.001 g.
2 Dissolve the S in each flask in about 50 cm³ of water.
3 Fill the burette with B and titrate each flask.

Eye protection on.`,
  back: `S is a solid.
A is hydrochloric acid.
B is sodium hydroxide.

1 Weigh about 1 g of S into each of two conical flasks. Write down each mass to 0.001 g.
2 Pipette 25.0 cm³ of A into each flask and warm gently until no more gas comes. Let it cool.
3 Fill the burette with B. Titrate the acid that is left over with B.

CaCO3 + 2H⁺ -> Ca²⁺ + H2O + CO2
H⁺ + OH⁻ -> H2O

Eye protection on. Hot acid spits: warm gently.`,
  heating: `S is a hydrated solid, which loses water when it is heated.

1 Weigh an empty crucible. Add about 2 g of S and weigh again.
2 Heat gently for two minutes, then strongly for five. Let it cool and weigh it.
3 Repeat the heating until the mass is constant.

Eye protection on. A hot crucible looks like a cold one: tongs.`,
  'gas-collected': `1 Fit a flask with a bung and a tube that leads to a 100 cm³ gas syringe.
2 Weigh the sample to 0.001 g. Put an excess of acid into the flask, drop the sample in and put the bung in at once.
3 Read the syringe when nothing moves any more.

(a) Work out how many moles of gas were collected.
(b) Work out how many moles of calcium carbonate gave it.
(c) What mass of calcium carbonate is that?
(d) What share of the sample, in per cent, is it?

Eye protection on. Never close the flask without the syringe.`,
  precipitate: `1 Weigh about 0.5 g of the sample to 0.001 g. Dissolve it in 100 cm³ of water.
2 Add the reagent in excess, stirring all the time. Leave the precipitate for ten minutes to settle.
3 Filter it off through paper that leaves no ash. Rinse it with hot water.
4 Dry it in the oven and let it cool; reweigh until it does not change any more.

(a) What share of the sample, in per cent, is the ion?

Eye protection on.`,
  enthalpy: `1 Measure 25.0 cm³ of the first solution into a foamed cup and note its temperature.
2 Measure 25.0 cm³ of the second one, tip it in, stir, and note the highest temperature that is reached.

The mixture takes 4.18 J to warm 1 g by 1 K.

(a) By how much did it get warmer?
(b) Work out the heat that the solution took up.
(c) Work out how many moles of what runs out first there were.
(d) What is the enthalpy change for one mole, with its sign?

Eye protection on.`,
  ester: `1 An acid and an alcohol have stood with a drop of catalyst until nothing changes any more. The amount of acid that is left has been found.

(a) Work out the equilibrium constant.

No flame in the room: alcohols and esters catch fire.`,
  temperature: `1 Stand a plastic cup in a beaker. Pipette 25.0 cm³ of the first solution into the cup and record its temperature.
2 Add the second solution from a burette, 5.0 cm³ at a time; stir, and record the highest temperature after each addition, until 45.0 cm³ has been added.

(a) Plot temperature against volume and draw two straight lines. Read off the volume at which they cross.

Eye protection on.`,
  gas: `1 Fit a flask with a bung and a tube that leads to a 100 cm³ gas syringe. Put 50 cm³ of the acid into the flask.
2 Tip in the solid, put the bung in and start the clock. Record the volume of gas every 10 s for 120 s.

(a) Plot the volume of gas against time. Find the rate at the start.

Eye protection on. Never close a flask in which gas is made.`,
  'rate-and-temperature': `1 Put the solutions into two vessels and stand both in a water bath until they have its temperature.
2 Mix them and time how long the change takes. Do it at 10, 20, 30, 40 and 50 °C, each time with the same volumes, and note the temperature of the mixture.

(a) Plot ln(1/t) against 1/T and find the gradient of the line.
(b) Work out the activation energy.

Eye protection on.`,
  'ph-curve': `1 Rinse the pH probe with water and dry it. Put 25.0 cm³ of the acid into a beaker with the probe.
2 Add the alkali from the burette, 1.00 cm³ at a time, up to 40.00 cm³; stir, wait for the reading and record the pH after each addition.

(a) Find the volume at the equivalence, where the curve is steepest.
(b) What is the pKa of the acid, from the pH half-way?

Eye protection on.`,
  calibration: `1 Set the colorimeter to its filter and to zero with water.
2 Measure the absorbance of each of five standards from 0.0100 to 0.0500 mol dm⁻³, all in the same cell.
3 Measure the absorbance of the sample twice.

(a) Draw the line through the standards and find the concentration of the sample.`,
  'solubility-curve': `1 Shake the solid with 100 g of water at each of 10, 20, 30, 40, 50 and 60 °C until some of it is left over.
2 Weigh out what has dissolved at each temperature, and plot the solubility against it.`,
  unknowns: `P is a solution. It contains one cation and one anion.

Use a fresh 1 cm depth of P in a test-tube for each test.
1 Add aqueous sodium hydroxide drop by drop until it is in excess.
2 Add aqueous ammonia drop by drop until it is in excess.
3 Add dilute nitric acid and then aqueous silver nitrate.
4 Add dilute nitric acid and then aqueous barium nitrate.

Which ions are in P?

Eye protection on.`,
  chromatogram: `1 Draw a line in pencil 1.5 cm from the lower edge of the chromatography paper.
2 Put small spots of the samples on the line, 2 cm apart, and let them dry.
3 Stand the paper in a jar with 1 cm of the solvent and cover it. When it has nearly reached the top mark the front in pencil at once.
4 Measure in mm how far the front and the middle of each spot have gone.`,
} as const
