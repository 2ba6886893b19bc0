/**
 * The albums: kept in memory as values, changed by steps that are stored with their history. Only
 * this room knows how an album is stored.
 */
@org.jspecify.annotations.NullMarked
package drumnest.server.album;
