/** Things that are made from a finished spread: prints to order and pieces to trim. */
@org.jspecify.annotations.NullMarked
package drumnest.core.making;
