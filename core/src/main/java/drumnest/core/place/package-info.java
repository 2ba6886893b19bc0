/** Photos to slots, in story order or free, at the least cost. */
@org.jspecify.annotations.NullMarked
package drumnest.core.place;
