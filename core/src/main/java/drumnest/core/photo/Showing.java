package drumnest.core.photo;

/** In which state of its spread the maker wants a picture to be seen. */
public enum Showing {
  /** Nothing was said. */
  ANY,
  /** While all is closed: it is never hidden. */
  CLOSED,
  /** Only once something is opened: it is better hidden. */
  OPENED
}
