export {
  CHEMICAL_COLOURS,
  type ChemicalColour,
  colourOfSolution,
  type SeenColour,
  SHADES,
  type SolutionLook,
} from './palette.ts'
