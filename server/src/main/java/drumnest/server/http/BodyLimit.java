package drumnest.server.http;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * No body is taken apart that is larger than its handler takes: one that says how long it is is
 * refused unread, one that does not when it has come so far.
 */
@ControllerAdvice
public class BodyLimit extends RequestBodyAdviceAdapter {

  /** The most that a body may have, in bytes, where its handler says nothing else. */
  public static final int USUAL = 2 << 20;

  @Override
  public boolean supports(
      MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public HttpInputMessage beforeBodyRead(
      HttpInputMessage message,
      MethodParameter parameter,
      Type type,
      Class<? extends HttpMessageConverter<?>> converter)
      throws IOException {
    UpTo upTo = parameter.getParameterAnnotation(UpTo.class);
    int most = upTo == null ? USUAL : upTo.bytes();
    if (message.getHeaders().getContentLength() > most) {
      throw new TooLargeException(most);
    }
    return new Limited(message.getHeaders(), new Counted(message.getBody(), most));
  }

  private record Limited(HttpHeaders headers, InputStream body) implements HttpInputMessage {
    @Override
    public HttpHeaders getHeaders() {
      return headers;
    }

    @Override
    public InputStream getBody() {
      return body;
    }
  }

  private static final class Counted extends FilterInputStream {

    private final int most;
    private long read;

    Counted(InputStream in, int most) {
      super(in);
      this.most = most;
    }

    @Override
    public int read() throws IOException {
      int next = super.read();
      count(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] part, int from, int length) throws IOException {
      int got = super.read(part, from, length);
      count(got);
      return got;
    }

    private void count(int more) {
      read += Math.max(0, more);
      if (read > most) {
        throw new TooLargeException(most);
      }
    }
  }
}
