/**
 * Flaps and the movers that they are parts of: how they are held, what they rest on, how they open.
 */
@org.jspecify.annotations.NullMarked
package drumnest.core.album.flap;
