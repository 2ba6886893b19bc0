/** Words: cards that hold the story, titles, facts, and sheets to print them on. */
@org.jspecify.annotations.NullMarked
package drumnest.server.words;
