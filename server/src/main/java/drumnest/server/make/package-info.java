/** Making: the lists to order and to cut by, and the chosen photos to take along. */
@org.jspecify.annotations.NullMarked
package drumnest.server.make;
