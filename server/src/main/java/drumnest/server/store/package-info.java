/** The database: entities and repositories. */
@org.jspecify.annotations.NullMarked
package drumnest.server.store;
