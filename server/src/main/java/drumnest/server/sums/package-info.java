/** The stand-alone calculators over HTTP. */
@org.jspecify.annotations.NullMarked
package drumnest.server.sums;
