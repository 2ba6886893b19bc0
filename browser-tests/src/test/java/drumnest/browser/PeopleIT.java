package drumnest.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/**
 * Photographs of people, also as a phone writes them: sample pictures of the npm package {@code
 * @vladmandic/face-api}, written as HEIC by heif-enc.
 */
class PeopleIT {

  private static final Path PEOPLE = Path.of("../web/node_modules/@vladmandic/face-api/demo");

  @RegisterExtension static final FreshAlbum ALBUM = new FreshAlbum();

  @TempDir Path files;
  private App app;
  private Page page;

  @BeforeEach
  void open() {
    app = ALBUM.app();
    page = ALBUM.page();
  }

  private Locator tiles() {
    return page.locator("[data-tile]");
  }

  private void look() {
    tiles().first().click();
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Photo")).click();
    tiles().first().click();
  }

  private Path heic(String name, Path from, String... options)
      throws IOException, InterruptedException {
    Path to = files.resolve(name);
    List<String> command = new ArrayList<>(List.of("heif-enc", "-o", to.toString()));
    command.addAll(List.of(options));
    command.add(from.toString());
    Process encoder =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(files.resolve("said").toFile())
            .start();
    assertThat(encoder.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(encoder.exitValue()).as(Files.readString(files.resolve("said"))).isZero();
    return to;
  }

  @Test
  void a_phone_picture_comes_in_is_placed_and_stands_in_the_list_of_prints() throws Exception {
    Path broken = files.resolve("broken.heic");
    byte[] whole = Files.readAllBytes(heic("phone.heic", PEOPLE.resolve("sample1.jpg")));
    Files.write(broken, java.util.Arrays.copyOf(whole, 2_000));
    ALBUM.bring(files.resolve("phone.heic"), broken);
    assertThat(tiles()).hasCount(1);
    assertThat(page.getByText(Pattern.compile("It cannot be decoded; it seems to be damaged")))
        .isVisible();
    look();
    assertThat(page.getByText("follows 3 heads found")).isVisible();
    page.navigate(app.address() + "/albums/1/place");
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fill the album").setExact(true))
        .click();
    assertThat(page.getByText("Every photo has a place")).isVisible();
    page.navigate(app.address() + "/albums/1/make");
    assertThat(page.getByText("phone.heic").first()).isVisible();
  }

  /** Source of the matrix: CSS Color Module Level 4, Display P3 to sRGB, both linear. */
  @Test
  void wider_colours_of_a_phone_are_brought_to_those_that_are_printed() throws Exception {
    BufferedImage plain = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = plain.createGraphics();
    g.setColor(new Color(180, 110, 70));
    g.fillRect(0, 0, 64, 64);
    g.dispose();
    ALBUM.bring(heic("wide.heic", withProfile(plain, "Display P3"), "-q", "100"));
    String photo = tiles().first().getAttribute("data-tile");
    byte[] whole = page.request().get(app.address() + "/api/photos/" + photo + "/whole").body();
    Color seen = new Color(ImageIO.read(new ByteArrayInputStream(whole)).getRGB(32, 32));
    double[] wide = {linear(180), linear(110), linear(70)};
    assertThat((double) seen.getRed())
        .isCloseTo(written(1.2249 * wide[0] - 0.2249 * wide[1]), within(3.0));
    assertThat((double) seen.getGreen())
        .isCloseTo(written(-0.0420 * wide[0] + 1.0420 * wide[1]), within(3.0));
    assertThat((double) seen.getBlue())
        .isCloseTo(written(-0.0197 * wide[0] - 0.0786 * wide[1] + 1.0979 * wide[2]), within(3.0));
  }

  /**
   * A picture that says of its colours what a profile of this name says; all else of it is sRGB.
   */
  private Path withProfile(BufferedImage picture, String name) throws IOException {
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    String described = "(lcms internal)";
    int at = new String(profile, StandardCharsets.ISO_8859_1).indexOf(described);
    byte[] padded = Arrays.copyOf(name.getBytes(StandardCharsets.US_ASCII), described.length());
    System.arraycopy(padded, 0, profile, at, padded.length);
    ByteArrayOutputStream deflated = new ByteArrayOutputStream();
    try (DeflaterOutputStream out = new DeflaterOutputStream(deflated)) {
      out.write(profile);
    }
    IIOMetadataNode chunk = new IIOMetadataNode("iCCP");
    chunk.setAttribute("profileName", name);
    chunk.setAttribute("compressionMethod", "deflate");
    chunk.setUserObject(deflated.toByteArray());
    IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0");
    root.appendChild(chunk);
    ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
    IIOMetadata said = writer.getDefaultImageMetadata(new ImageTypeSpecifier(picture), null);
    said.mergeTree("javax_imageio_png_1.0", root);
    Path png = files.resolve("profiled.png");
    try (ImageOutputStream out = ImageIO.createImageOutputStream(png.toFile())) {
      writer.setOutput(out);
      writer.write(new IIOImage(picture, null, said));
    }
    writer.dispose();
    return png;
  }

  private static double linear(int written) {
    double c = written / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  private static double written(double linear) {
    return 255 * (linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055);
  }

  @Test
  void a_head_stays_whole_in_a_narrow_pocket_and_the_maker_has_the_last_word() {
    ALBUM.bring(PEOPLE.resolve("sample2.jpg"));
    assertThat(tiles()).hasCount(1);
    String photo = tiles().first().getAttribute("data-tile");
    page.navigate(app.address() + "/albums/1/place");
    Mouse.drag(
        page,
        page.locator("[data-waiting='" + photo + "']"),
        page.locator("[data-slot='2-front-2']"));
    assertThat(page.getByText(Pattern.compile("Its crop cuts a head at the left"))).isVisible();
    String followed = page.locator("[data-crop]").getAttribute("style");
    Locator pocket = page.locator("[data-slot='2-front-2']");
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("whole on a card$")))
        .click();
    assertThat(pocket.getByText("on a card")).isVisible();
    assertThat(pocket.getByText("cuts a head")).isHidden();
    assertThat(page.getByText(Pattern.compile(", whole; mount it on a card of 3 × 4"))).isVisible();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("fill the place$")))
        .click();
    assertThat(pocket.getByText("cuts a head")).isVisible();
    page.navigate(app.address() + "/albums/1/gather");
    look();
    assertThat(page.getByText("follows 3 heads found")).isVisible();
    page.keyboard().press("x");
    assertThat(page.getByText("by the middle; 3 heads found")).isVisible();
    page.keyboard().press("b");
    assertThat(page.getByText("drawn").first()).isVisible();
    page.keyboard().press("z");
    assertThat(page.getByText("by the middle; 3 heads found")).isVisible();
    page.keyboard().press("-");
    Locator picture =
        page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^What must not be seen")));
    Mouse.draw(page, picture, 0.02, 0.4, 0.98, 0.6);
    assertThat(page.getByText("one part")).isVisible();
    page.navigate(app.address() + "/albums/1/place/1");
    assertThat(page.locator("[data-slot='2-front-2']").getByText("cover a part")).isVisible();
    page.locator("[data-slot='2-front-2']").click();
    assertThat(page.locator("[data-crop]")).not().hasAttribute("style", followed);
  }

  /** A print of 6 × 4 in, turned by 5°, on a table, with an index card of 5 × 3 in below it. */
  private Path snap() throws IOException {
    BufferedImage snap = new BufferedImage(1400, 1200, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = snap.createGraphics();
    graphics.setColor(new Color(0x6e4f36));
    graphics.fillRect(0, 0, 1400, 1200);
    graphics.rotate(Math.toRadians(5), 700, 600);
    graphics.drawImage(
        ImageIO.read(PEOPLE.resolve("sample2.jpg").toFile()), 300, 150, 600, 400, null);
    graphics.setColor(new Color(0xf2efe6));
    graphics.fillRect(350, 700, 500, 300);
    graphics.dispose();
    Path file = files.resolve("snap.png");
    ImageIO.write(snap, "png", file.toFile());
    return file;
  }

  @Test
  void a_snap_of_a_print_is_measured_straightened_and_takes_the_place_of_itself() throws Exception {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a print that lies"))
        .click();
    page.getByLabel("What is on it").fill("Three at the wall");
    page.getByLabel("Width, as it is seen").fill("5");
    page.getByLabel("Height").fill("5");
    page.getByLabel("A snap of it, if you have one").setInputFiles(snap());
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add print")).click();
    assertThat(tiles()).hasCount(1);
    String before = tiles().first().getAttribute("data-tile");
    look();
    page.getByText("straighten it").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog.getByLabel("A sheet of known size lies beside it")).isChecked();
    dialog.getByLabel("The sheet is").selectOption("index");
    assertThat(dialog.getByText("The print measures 6 × 4")).isVisible();
    dialog.getByText("Take that").click();
    dialog.getByLabel("Top left corner of the print").press("ArrowLeft");
    dialog.getByLabel("Top left corner of the print").press("ArrowRight");
    dialog
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Straighten").setExact(true))
        .click();
    assertThat(dialog).isHidden();
    assertThat(tiles()).hasCount(1);
    assertThat(tiles().first()).not().hasAttribute("data-tile", before);
    assertThat(page.getByText("follows 3 heads found")).isVisible();
    assertThat(page.getByText("on the table, 6 × 4")).isVisible();
  }
}
