/** A line of a plot: its name, and its height at every point across. */
export interface Line {
  label: string;
  y: number[];
}
