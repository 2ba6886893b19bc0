/** The data folder: who may read it, its room, its database and the copies of it. */
@org.jspecify.annotations.NullMarked
package drumnest.server.data;
