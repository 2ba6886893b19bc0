/** Rules for every request: what may come in, and how errors are told. */
@org.jspecify.annotations.NullMarked
package drumnest.server.http;
