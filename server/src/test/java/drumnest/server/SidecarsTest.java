package drumnest.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.xmp.XmpDirectory;
import drumnest.server.demo.PhotoWriter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcRecord;
import org.apache.commons.imaging.formats.jpeg.iptc.IptcTypes;
import org.apache.commons.imaging.formats.jpeg.iptc.JpegIptcRewriter;
import org.apache.commons.imaging.formats.jpeg.iptc.PhotoshopApp13Data;
import org.apache.commons.imaging.formats.jpeg.xmp.JpegXmpRewriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What files and sidecars say is read, and what was decided is written in the same open form. */
class SidecarsTest {

  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private static final LocalDateTime NOON = LocalDateTime.of(2021, 6, 14, 12, 0);

  /** As another program writes it: properties as elements, alternatives in two languages. */
  private static final String FOREIGN =
      """
      <?xpacket begin="" id="W5M0MpCehiHzreSzNTczkc9d"?>
      <x:xmpmeta xmlns:x="adobe:ns:meta/">
       <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
        <rdf:Description rdf:about="" xmlns:xmp="http://ns.adobe.com/xap/1.0/"
          xmlns:dc="http://purl.org/dc/elements/1.1/">
         <xmp:Rating>3</xmp:Rating>
         <dc:title><rdf:Alt><rdf:li xml:lang="x-default">Low water</rdf:li></rdf:Alt></dc:title>
         <dc:description><rdf:Alt>
           <rdf:li xml:lang="x-default">Waiting for the wind</rdf:li>
           <rdf:li xml:lang="fr">On attend le vent</rdf:li></rdf:Alt></dc:description>
         <dc:subject><rdf:Bag><rdf:li>kites</rdf:li><rdf:li>sand</rdf:li></rdf:Bag></dc:subject>
        </rdf:Description>
       </rdf:RDF>
      </x:xmpmeta>
      <?xpacket end="w"?>
      """;

  private static String taken(String name, byte[] file) {
    return SERVER.take(name, file).is(200).json().get("photo").stringValue();
  }

  private static byte[] picture(int seed) {
    return TestPictures.jpeg(500 + seed, 400, 1, NOON.plusHours(seed), seed);
  }

  private static RunningServer.Answer sidecar(String name, byte[] xmp) {
    return SERVER.send(
        HttpRequest.newBuilder(
                URI.create(
                    SERVER.address()
                        + "/api/albums/1/sidecars?name="
                        + URLEncoder.encode(name, StandardCharsets.UTF_8)))
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(xmp))
            .build());
  }

  private static JsonNode onLine(String photo) {
    return SERVER
        .get("/api/albums/1/line")
        .json()
        .get("chapters")
        .valueStream()
        .flatMap(
            chapter ->
                java.util.stream.Stream.concat(
                    chapter.get("photos").valueStream(), chapter.get("out").valueStream()))
        .filter(each -> each.get("id").stringValue().equals(photo))
        .findFirst()
        .orElseThrow();
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void xmp_inside_a_file_is_read() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new JpegXmpRewriter().updateXmpXml(picture(1), out, FOREIGN);
    String photo = taken("inside.jpg", out.toByteArray());
    assertThat(onLine(photo).get("stars").intValue()).isEqualTo(3);
    assertThat(onLine(photo).get("caption").stringValue()).isEqualTo("Waiting for the wind");
    JsonNode remarks = SERVER.get("/api/albums/1/photos/" + photo).is(200).json().get("remarks");
    assertThat(remarks.toString()).contains("Low water").contains("kites, sand");
  }

  @Test
  void iptc_inside_a_file_is_read() throws IOException {
    List<IptcRecord> records =
        List.of(
            new IptcRecord(IptcTypes.OBJECT_NAME, "Evening"),
            new IptcRecord(IptcTypes.CAPTION_ABSTRACT, "The last kite comes down"),
            new IptcRecord(IptcTypes.KEYWORDS, "dusk"));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new JpegIptcRewriter()
        .writeIptc(picture(2), out, new PhotoshopApp13Data(records, new ArrayList<>()));
    String photo = taken("iptc.jpg", out.toByteArray());
    assertThat(onLine(photo).get("caption").stringValue()).isEqualTo("The last kite comes down");
    assertThat(SERVER.get("/api/albums/1/photos/" + photo).json().get("remarks").toString())
        .contains("Evening")
        .contains("dusk");
  }

  @ParameterizedTest
  @CsvSource({"5, keep", "3, open", "-1, out"})
  void stars_in_the_file_choose_what_is_undecided(int stars, String chosen) throws IOException {
    Path file = Files.createTempFile("stars", ".jpg");
    PhotoWriter.writeJpeg(
        TestPictures.upright(700, 500 + stars, stars + 30),
        1,
        new PhotoWriter.Said(NOON.minusDays(9).plusHours(stars), null, null, null, stars),
        file);
    String photo =
        SERVER.take("stars", Files.readAllBytes(file)).is(200).json().get("photo").stringValue();
    Files.delete(file);
    assertThat(onLine(photo).get("stars").intValue()).isEqualTo(stars);
    var answer = SERVER.step("keep-starred", Map.of("stars", 4));
    assertThat(answer.status()).isEqualTo(chosen.equals("open") ? 422 : 200);
    assertThat(onLine(photo).get("choice").stringValue()).isEqualTo(chosen);
    SERVER.step("choose", Map.of("photos", List.of(photo), "choice", "maybe")).is(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"beside.xmp", "BESIDE.jpg.XMP", "beside.JPG.xmp"})
  void a_sidecar_finds_its_photo_by_name(String name) {
    String photo = taken("beside.jpg", picture(3));
    assertThat(sidecar(name, bytes(FOREIGN)).is(200).json().get("photo").stringValue())
        .isEqualTo(photo);
    assertThat(onLine(photo).get("stars").intValue()).isEqualTo(3);
    assertThat(onLine(photo).get("caption").stringValue()).isEqualTo("Waiting for the wind");
    assertThat(onLine(photo).get("choice").stringValue()).isEqualTo("open");
  }

  @Test
  void the_words_of_the_maker_are_not_written_over() {
    String photo = taken("mine.jpg", picture(4));
    SERVER.step("caption", Map.of("photo", photo, "caption", "My own words")).is(200);
    sidecar("mine.xmp", bytes(FOREIGN)).is(200);
    assertThat(onLine(photo).get("caption").stringValue()).isEqualTo("My own words");
  }

  @Test
  void a_sidecar_that_cannot_be_used_is_refused_with_the_reason() {
    taken("twin.jpg", picture(5));
    taken("twin.jpg", picture(6));
    taken("lone.jpg", picture(7));
    String bomb = "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a \"b\">]><x>&a;</x>";
    refused("twin.xmp", bytes(FOREIGN), "2 photos");
    refused("nobody.xmp", bytes(FOREIGN), "No photo");
    refused("lone.xmp", new byte[0], "empty");
    refused("lone.xmp", bytes("dear diary"), "damaged");
    refused("lone.xmp", bytes(bomb), "no sidecar");
    refused("lone.xmp", bomb.getBytes(Charset.forName("UTF-16")), "no sidecar");
  }

  @ParameterizedTest
  @ValueSource(ints = {65, 500, 20_000})
  void a_sidecar_that_is_nested_too_deep_is_refused_before_it_is_read(int depth) {
    refused("one.xmp", HostilePictures.xmp(depth), "nested deeper than 64 levels");
  }

  private static void refused(String name, byte[] xmp, String reason) {
    assertThat(sidecar(name, xmp).is(422).json().get("detail").stringValue()).contains(reason);
  }

  private static Map<String, byte[]> zip(String query) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    byte[] archive = SERVER.get("/api/albums/1/chosen.zip" + query).is(200).bytes();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    return files;
  }

  @Test
  void the_list_names_private_photos_only_if_asked() throws IOException {
    String hidden = taken("nobody knows.jpg", picture(21));
    SERVER.step("flags", Map.of("photos", List.of(hidden), "secret", true)).is(200);
    SERVER.step("caption", Map.of("photo", hidden, "caption", "for nobody")).is(200);
    assertThat(SERVER.get("/api/albums/1/chosen.csv").is(200).text())
        .doesNotContain("nobody")
        .contains(",yes,");
    assertThat(SERVER.get("/api/albums/1/chosen.csv?private=true").is(200).text())
        .contains("nobody knows.jpg", "for nobody");
  }

  @Test
  void what_a_file_cannot_hold_is_not_taken_as_words() throws IOException {
    String photo = taken("words.jpg", picture(22));
    long version = SERVER.album().get("version").longValue();
    // Escaped, as JSON may say what UTF-8 cannot.
    for (String text : List.of("0007", "d83e", "de81", "fffe", "ffff", "0000")) {
      String body = "{\"version\":" + version + ",\"photo\":\"" + photo + "\",";
      assertThat(
              SERVER
                  .post("/api/albums/1/caption", body + "\"caption\":\"a\\u" + text + "\"}")
                  .is(400)
                  .json()
                  .get("field")
                  .stringValue())
          .isEqualTo("caption");
    }
    SERVER.step("caption", Map.of("photo", photo, "caption", "two\nlines \uD83E\uDE81")).is(200);
    SERVER.step("title", Map.of("title", "two\nlines")).is(400);
  }

  @Test
  void the_chosen_are_taken_away_unchanged_with_sidecars_that_bring_everything_back()
      throws Exception {
    byte[] original = picture(8);
    String photo = taken("hero: the best?.jpg", original);
    String hidden = taken("hidden.jpg", picture(9));
    String dropped = taken("dropped.jpg", picture(10));
    SERVER.step("choose", Map.of("photos", List.of(photo, hidden), "choice", "keep")).is(200);
    SERVER.step("choose", Map.of("photos", List.of(dropped), "choice", "out")).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photo), "hero", true)).is(200);
    SERVER.step("flags", Map.of("photos", List.of(photo), "showing", "closed")).is(200);
    SERVER.step("flags", Map.of("photos", List.of(hidden), "secret", true)).is(200);
    SERVER.step("caption", Map.of("photo", photo, "caption", "Up & <away>")).is(200);
    SERVER
        .step("keep", Map.of("photo", photo, "keep", Map.of("x", 10, "y", 20, "w", 30, "h", 40)))
        .is(200);

    Map<String, byte[]> files = zip("");
    assertThat(files.keySet())
        .containsExactly("001 hero_ the best_.jpg", "001 hero_ the best_.jpg.xmp");
    assertThat(files.get("001 hero_ the best_.jpg")).isEqualTo(original);
    assertThat(zip("?private=true").keySet()).hasSize(4).anyMatch(name -> name.contains("hidden"));

    byte[] xmp = files.get("001 hero_ the best_.jpg.xmp");
    // Another reader of the standard: the properties as the metadata library lists them.
    ByteArrayOutputStream inFile = new ByteArrayOutputStream();
    new JpegXmpRewriter()
        .updateXmpXml(picture(11), inFile, new String(xmp, StandardCharsets.UTF_8));
    Map<String, String> said =
        ImageMetadataReader.readMetadata(new ByteArrayInputStream(inFile.toByteArray()))
            .getFirstDirectoryOfType(XmpDirectory.class)
            .getXmpProperties();
    assertThat(said).containsEntry("xmp:Rating", "5");
    assertThat(said).containsEntry("dc:description[1]", "Up & <away>");

    SERVER.step("flags", Map.of("photos", List.of(photo), "showing", "any")).is(200);
    SERVER.step("choose", Map.of("photos", List.of(photo), "choice", "out")).is(200);
    SERVER.step("caption", Map.of("photo", photo, "caption", "")).is(200);
    SERVER.step("keep", Map.of("photo", photo)).is(200);
    sidecar("hero: the best?.jpg.xmp", xmp).is(200);
    assertThat(onLine(photo).get("choice").stringValue()).isEqualTo("keep");
    assertThat(onLine(photo).get("marks").valueStream().map(JsonNode::stringValue))
        .contains("hero");
    assertThat(onLine(photo).get("showing").stringValue()).isEqualTo("closed");
    assertThat(onLine(photo).get("caption").stringValue()).isEqualTo("Up & <away>");
    assertThat(onLine(photo).at("/keep/h").intValue()).isEqualTo(40);
    SERVER.step("undo", Map.of()).is(200);
    assertThat(onLine(photo).get("choice").stringValue()).isEqualTo("out");

    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(
                new java.io.StringReader(
                    SERVER.get("/api/albums/1/chosen.csv?private=true").is(200).text()))
            .getRecords();
    assertThat(rows).hasSameSizeAs(allPhotos());
    assertThat(rows)
        .anyMatch(row -> row.get("file").equals("hidden.jpg") && row.get("private").equals("yes"));
  }

  private static List<String> allPhotos() {
    return SERVER
        .get("/api/albums/1/line")
        .json()
        .get("chapters")
        .valueStream()
        .flatMap(
            chapter ->
                java.util.stream.Stream.concat(
                    chapter.get("photos").valueStream(), chapter.get("out").valueStream()))
        .map(each -> each.get("id").stringValue())
        .toList();
  }
}
