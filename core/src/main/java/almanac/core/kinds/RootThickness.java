package almanac.core.kinds;

/** How thick a healthy root is; it decides the grade of the medium. */
public enum RootThickness {
  /** Under 2 mm. */
  FINE,
  /** 2 to 4 mm. */
  MEDIUM,
  /** Over 4 mm. */
  THICK
}
