import { figure } from './figure.mjs'

/** A loop that is never changed: arithmetic, memory and short strings, as the rest of the program does them. */
function loop() {
  const values = new Float64Array(4096)
  const names = new Map()
  let sum = 0
  for (let turn = 0; turn < 400; turn++) {
    for (let k = 0; k < values.length; k++) {
      values[k] = Math.sqrt(values[k] * 0.5 + k + turn)
      sum += values[k]
    }
    for (let k = 0; k < 400; k++) names.set(`${turn % 7} ${k}`, sum)
  }
  return sum + names.size
}

/** How quick the machine is just now: rounds of the loop a second. Two runs of the bench are compared by it. */
export function calibrate() {
  for (let round = 0; round < 10; round++) loop()
  const begin = performance.now()
  let rounds = 0
  while (performance.now() - begin < 1500) {
    loop()
    rounds++
  }
  return (1000 * rounds) / (performance.now() - begin)
}

/** The same as a figure. */
export const benchMachine = () => [figure('the calibration loop', calibrate(), 'rounds a second')]
