export { type EndPoint, endPointOf, kindWanted, natureOf, type Reacting, suitableIndicators } from './endPoint.ts'
export { INDICATORS, type Indicator, type IndicatorKind, indicatorNamed } from './indicators.ts'
