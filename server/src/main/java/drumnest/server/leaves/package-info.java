/** Leaves: which there are, what is planned on them, and which the photos need. */
@org.jspecify.annotations.NullMarked
package drumnest.server.leaves;
