/**
 * The HTTP interface of the album: thin controllers, their records, and errors as problem
 * documents.
 */
@org.jspecify.annotations.NullMarked
package drumnest.server.api;
