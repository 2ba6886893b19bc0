/** Movers: added, changed and taken off, opened and closed, and what is in their way. */
@org.jspecify.annotations.NullMarked
package drumnest.server.movers;
