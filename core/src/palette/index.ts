export { CHEMICAL_COLOURS, type ChemicalColour, type SeenColour, SHADES, seenAs } from './palette.ts'
