declare module 'ode45-cash-karp' {
  interface Integrator {
    readonly t: number
    readonly y: number[]
    /** One adaptive step, not past `limit`. */
    step(limit?: number): boolean
  }
  export default function ode45(
    y0: number[],
    derivative: (dy: number[], y: number[], t: number) => void,
    t0: number,
    dt0: number,
    options?: { tol?: number },
  ): Integrator
}
