/** Photos in: files checked, kept unchanged, measured, and reduced to the sizes shown. */
@org.jspecify.annotations.NullMarked
package drumnest.server.intake;
