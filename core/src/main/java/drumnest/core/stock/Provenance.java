package drumnest.core.stock;

/** How well known it is that something is so. */
public enum Provenance {
  /** Written in a named standard, or by who makes it. */
  PUBLISHED,
  COMMON_PRACTICE,
  FROM_MEMORY
}
