/** Things that are no photos and take slots like one: cards with words, titles, keepsakes. */
@org.jspecify.annotations.NullMarked
package drumnest.core.album.ephemera;
