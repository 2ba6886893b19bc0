/** Lengths and what is made of them: exact in one whole unit, read and written as makers do. */
@org.jspecify.annotations.NullMarked
package drumnest.core.measure;
