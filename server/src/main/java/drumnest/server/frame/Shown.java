package drumnest.server.frame;

import org.jspecify.annotations.Nullable;

/**
 * The part that a page shows of an album when it asks.
 *
 * @param spread the spread that lies open; left out for the one an album is opened at
 * @param since the revision of what it shows, so that only what differs is told; left out for all
 */
public record Shown(@Nullable Integer spread, @Nullable String since) {}
