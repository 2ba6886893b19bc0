/**
 * The frame that is the same at every stage: the album with its open spread, its title, undo and
 * redo, long runs, and a maker's words.
 */
@org.jspecify.annotations.NullMarked
package drumnest.server.frame;
