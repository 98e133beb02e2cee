/** Whether long work is waiting for its turn or being done. */
export const isUnderWay = (run: { state: string } | null | undefined) =>
  run ? ['waiting', 'running'].includes(run.state) : false
