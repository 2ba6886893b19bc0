/** What lies on the maker's shelf: the catalogue, the house rules, the units. */
@org.jspecify.annotations.NullMarked
package drumnest.server.shelf;
