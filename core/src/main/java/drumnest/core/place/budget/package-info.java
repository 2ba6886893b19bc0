/** How many photos each chapter has room for, and which could go. */
@org.jspecify.annotations.NullMarked
package drumnest.core.place.budget;
