/** The shelf as a maker sees it: catalogue, patterns, house rules, units. */
@org.jspecify.annotations.NullMarked
package drumnest.server.shelf;
