/** Sharing with paired devices on the local network. */
@org.jspecify.annotations.NullMarked
package drumnest.server.share;
