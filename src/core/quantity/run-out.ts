/** Runs work that is done in steps to its end, and returns what came of it; `each` sees every step on the way. */
export function runOut<S, R>(steps: Generator<S, R>, each: (step: S) => void = () => undefined): R {
  let step = steps.next()
  while (!step.done) {
    each(step.value)
    step = steps.next()
  }
  return step.value
}
