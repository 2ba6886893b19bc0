/**
 * Movers of each kind as they are made: the parts that move, the arithmetic of their measures, and
 * the pieces from which they are cut. Each kind has a file of its own.
 */
@org.jspecify.annotations.NullMarked
package drumnest.core.mover.kind;
