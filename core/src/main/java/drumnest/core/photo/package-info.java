/**
 * All that is known of a picture: its pixels, when it was taken, what must stay, and which others
 * look like it.
 */
@org.jspecify.annotations.NullMarked
package drumnest.core.photo;
