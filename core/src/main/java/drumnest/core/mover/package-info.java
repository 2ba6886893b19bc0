/**
 * Movers: flaps, chains, waterfalls, accordions, fold-outs, doors, pull-outs and tuck spots. How
 * large their parts are, where they lie closed and open, and where they are in each other's way.
 */
@org.jspecify.annotations.NullMarked
package drumnest.core.mover;
