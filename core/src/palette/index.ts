export { CHEMICAL_COLOURS, type ChemicalColour, colourOfSolution, type SolutionLook } from './palette.ts'
