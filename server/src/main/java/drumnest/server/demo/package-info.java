/** The kite meet: painted pictures and the album made of them. */
@org.jspecify.annotations.NullMarked
package drumnest.server.demo;
