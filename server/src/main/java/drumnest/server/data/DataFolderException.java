package drumnest.server.data;

/** The data folder is not in order, so nothing is started on it. Nothing in it was changed. */
public class DataFolderException extends RuntimeException {

  private static final long serialVersionUID = 1L;

  private final String whatToDo;

  public DataFolderException(String what, String whatToDo) {
    super(what);
    this.whatToDo = whatToDo;
  }

  public String whatToDo() {
    return whatToDo;
  }
}
