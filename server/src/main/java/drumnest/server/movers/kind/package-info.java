/** Movers of each kind in words: facts, steps of making, and how their measures are written. */
@org.jspecify.annotations.NullMarked
package drumnest.server.movers.kind;
