package drumnest.server.words;

/**
 * How letters stand out from the photo they lie on.
 *
 * @param said that in words
 * @param pale whether that is too little
 */
record ContrastView(String said, boolean pale) {}
