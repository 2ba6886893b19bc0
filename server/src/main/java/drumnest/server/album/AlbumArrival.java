package drumnest.server.album;

import java.util.Set;

/**
 * Photos of albums are not as they were, without a step: some came in, or were looked at anew.
 *
 * @param albums the albums on whose lines they are
 */
record AlbumArrival(Set<Long> albums) {}
