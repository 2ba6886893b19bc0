/** Lists as files that ordinary programs open. */
@org.jspecify.annotations.NullMarked
package drumnest.server.document;
