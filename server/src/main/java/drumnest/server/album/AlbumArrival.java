package drumnest.server.album;

/** Photos of albums are not as they were, without a step: some came in, or were looked at anew. */
record AlbumArrival() {}
