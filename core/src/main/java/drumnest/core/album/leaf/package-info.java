/** Leaves, sides, spreads and slots, in reading order, and what is planned on them. */
@org.jspecify.annotations.NullMarked
package drumnest.core.album.leaf;
