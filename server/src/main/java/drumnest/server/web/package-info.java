/** How the page is served, and who may ask. */
@org.jspecify.annotations.NullMarked
package drumnest.server.web;
