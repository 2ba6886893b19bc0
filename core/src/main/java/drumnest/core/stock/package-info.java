/**
 * The catalogue: album formats, leaf patterns, print sizes, and every default of the trade as a
 * house rule.
 */
@org.jspecify.annotations.NullMarked
package drumnest.core.stock;
