/** The things that are on the shelf and which house rules hold, as they are kept. */
@org.jspecify.annotations.NullMarked
package drumnest.server.stock;
