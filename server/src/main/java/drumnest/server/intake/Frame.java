package drumnest.server.intake;

/**
 * How the pixels of a photo file are stored, before it is turned upright, as the reader that will
 * decode it reads its header: two readers may take different things for the header of one file, and
 * only what the decoder believes tells how much it will hold.
 *
 * @param w pixels across, at least 1
 * @param h pixels down, at least 1
 * @param samples how many values a pixel is mixed of, transparency included: 1 to 4, or more where
 *     a file says so
 * @param bytes how many bytes a pixel takes as it is decoded, depth and transparency included
 * @param passes how many bytes are held of a JPEG file that comes in several passes, all of which
 *     are kept while it is read; 0 for other files
 * @param block how many bytes the largest strip or tile takes that is unpacked whole; 0 where lines
 *     are read one by one
 */
record Frame(int w, int h, int samples, long bytes, long passes, long block) {

  Frame {
    if (w < 1 || h < 1) {
      throw new RefusedPhotoException("It says nothing of its size; it seems to be damaged.");
    }
  }

  Frame(int w, int h, int samples, long bytes) {
    this(w, h, samples, bytes, 0, 0);
  }

  long pixels() {
    return (long) w * h;
  }

  /**
   * Looks whether a picture that was read is as large as its header says.
   *
   * @param step of how many pixels one was read, along either side
   * @throws RefusedPhotoException if it is not
   */
  void requireSize(int step, int readW, int readH) {
    if (readW != (w + step - 1) / step || readH != (h + step - 1) / step) {
      throw new RefusedPhotoException(
          "Its picture is not as large as it says; it seems to be damaged.");
    }
  }
}
