/** Placing: which photo goes where, by hand and all at once, and why. */
@org.jspecify.annotations.NullMarked
package drumnest.server.place;
