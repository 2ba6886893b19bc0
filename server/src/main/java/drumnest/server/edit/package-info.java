/** What a maker does to an album, as steps that can be undone. */
@org.jspecify.annotations.NullMarked
package drumnest.server.edit;
