/** The album as one value, the changes that are made to it, and what follows from it. */
@org.jspecify.annotations.NullMarked
package drumnest.core.album;
