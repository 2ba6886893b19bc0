/** Gathering: photos come in, are chosen from, and stand in the order of the story. */
@org.jspecify.annotations.NullMarked
package drumnest.server.gather;
