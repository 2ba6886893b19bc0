/** What is no photo and takes a slot like one: cards with words, titles, keepsakes. */
@org.jspecify.annotations.NullMarked
package drumnest.core.album.ephemera;
