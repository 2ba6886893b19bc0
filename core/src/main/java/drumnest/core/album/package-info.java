/** Leaves, sides, spreads and slots, in reading order. */
@org.jspecify.annotations.NullMarked
package drumnest.core.album;
