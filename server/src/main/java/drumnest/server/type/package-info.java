/** The typefaces that ship with the program. */
@org.jspecify.annotations.NullMarked
package drumnest.server.type;
