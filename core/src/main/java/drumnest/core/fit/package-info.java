/** Things in their places: inserts in openings, crop windows, resolution, trimming. */
@org.jspecify.annotations.NullMarked
package drumnest.core.fit;
