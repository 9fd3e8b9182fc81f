/** Where a wall's pattern stands: the reference tile's two near edges, and where its niche is. */
export interface Placing {
  along: number;
  across: number;
  /** Near edge across the rows of the first opening that moves so; none moves without it. */
  niche?: number | undefined;
  /** How far on those that move along the rows are. */
  slide?: number | undefined;
}
