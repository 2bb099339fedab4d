import type { DrawingName } from '@hop-lark/core/guide'
import type { ReactNode } from 'react'
import { BoilingOff, Crucible, Filter, Mortar, PaperStrip, Saturated } from './apart.tsx'
import { GasDown, GasIntoLimewater, GasOverWater, GasUp, TubeInFlame, Wire } from './flamesAndGases.tsx'
import { Balance, Burette, Cup, Dilution, Drop, Pipette, Syringe, VolumetricFlask } from './measuring.tsx'

const DRAWINGS: Readonly<Record<DrawingName, ReactNode>> = {
  balance: <Balance />,
  'volumetric flask': <VolumetricFlask />,
  pipette: <Pipette />,
  burette: <Burette />,
  drop: <Drop />,
  saturated: <Saturated />,
  filter: <Filter />,
  mortar: <Mortar />,
  dilution: <Dilution />,
  crucible: <Crucible />,
  'boiling off': <BoilingOff />,
  'tube in flame': <TubeInFlame />,
  paper: <PaperStrip />,
  'gas down': <GasDown />,
  'gas up': <GasUp />,
  'gas over water': <GasOverWater />,
  'gas into limewater': <GasIntoLimewater />,
  wire: <Wire />,
  syringe: <Syringe />,
  cup: <Cup />,
}

/** The picture of a guide. */
export const Drawing = ({ name }: { readonly name: DrawingName }) => DRAWINGS[name]
