package drumnest.browser;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** The first album of an application, as it was found, so that a test can leave it so. */
final class FirstAlbum {

  private static final int MOST_STEPS = 100;

  private final HttpClient http = HttpClient.newHttpClient();
  private final String address;
  private final String found;

  FirstAlbum(String address) {
    this.address = address + "/api/albums/1";
    this.found = line();
  }

  /** Takes a leaf out, whatever is on it. */
  void removeLeaf(int key) {
    JsonObject body = new JsonObject();
    body.add("version", album().get("version"));
    body.addProperty("leaf", key);
    body.addProperty("confirmed", true);
    step("leaves/remove", body);
  }

  /** Takes back what was done since, also what was still on its way. */
  void leaveAsFound() {
    for (int i = 0; i < MOST_STEPS; i++) {
      // The version comes before the line: a step that a closed page had still sent, and that is
      // done in between, then refuses ours, which would take back one too many.
      JsonObject body = new JsonObject();
      body.add("version", album().get("version"));
      if (line().equals(found)) {
        return;
      }
      step("undo", body);
    }
    throw new AssertionError("The album cannot be taken back to what was found.");
  }

  private void step(String path, JsonObject body) {
    send(
        HttpRequest.newBuilder(URI.create(address + "/" + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
  }

  private JsonObject album() {
    return JsonParser.parseString(send(HttpRequest.newBuilder(URI.create(address))))
        .getAsJsonObject();
  }

  private String line() {
    JsonObject line =
        JsonParser.parseString(send(HttpRequest.newBuilder(URI.create(address + "/line"))))
            .getAsJsonObject();
    line.remove("revision");
    return line.toString();
  }

  private String send(HttpRequest.Builder request) {
    try {
      return http.send(request.build(), HttpResponse.BodyHandlers.ofString()).body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
