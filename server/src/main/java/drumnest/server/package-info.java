/** The application and its rooms. */
@org.jspecify.annotations.NullMarked
package drumnest.server;
