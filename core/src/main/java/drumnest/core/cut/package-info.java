/** Paper cut by straight cuts, and how much of it need be cut at all. */
@org.jspecify.annotations.NullMarked
package drumnest.core.cut;
