/** Words on cards and titles: how many fit, and where each letter begins. */
@org.jspecify.annotations.NullMarked
package drumnest.core.words;
