package drumnest.server.intake;

import com.adobe.internal.xmp.XMPConst;
import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.XMPMetaFactory;
import com.adobe.internal.xmp.options.PropertyOptions;
import com.adobe.internal.xmp.options.SerializeOptions;
import drumnest.core.photo.Choice;
import drumnest.core.photo.Choosing;
import drumnest.core.photo.FileWords;
import drumnest.core.photo.PixelBox;
import drumnest.core.photo.Showing;
import drumnest.server.PlainText;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * All that a sidecar tells of a photo, in XMP (ISO 16684-1): the stars, title, caption and keywords
 * that every photo program reads, and beside them, in a namespace of our own, exactly what was
 * decided.
 *
 * <p>A hero has five stars, what is kept four, what may go in two, what is out is rejected; on what
 * is undecided the stars are left as they were.
 *
 * @param words stars, title, caption, keywords
 * @param choosing what was decided here; null in a sidecar of another program
 * @param keep what must stay of the picture
 */
public record ToldInXmp(FileWords words, @Nullable Choosing choosing, @Nullable PixelBox keep) {

  private static final String OURS = "http://drumnest.invalid/ns/photo/1/";
  private static final int HERO = 5;
  private static final int KEPT = 4;
  private static final int MAYBE = 2;

  static {
    try {
      XMPMetaFactory.getSchemaRegistry().registerNamespace(OURS, "drumnest");
    } catch (XMPException e) {
      throw new IllegalStateException(e);
    }
  }

  public static ToldInXmp read(XMPMeta xmp) throws XMPException {
    FileWords words = FileWordsReader.of(xmp);
    Choice choice = choice(xmp.getPropertyString(OURS, "Choice"));
    Choosing choosing =
        choice == null
            ? null
            : new Choosing(
                choice,
                isTrue(xmp, "Hero"),
                isTrue(xmp, "Private"),
                isTrue(xmp, "BehindFlap"),
                showing(xmp.getPropertyString(OURS, "Showing")),
                words.caption());
    return new ToldInXmp(words, choosing, box(xmp.getPropertyString(OURS, "KeepBox")));
  }

  private static @Nullable Choice choice(@Nullable String name) {
    return Arrays.stream(Choice.values())
        .filter(each -> each.name().equals(name))
        .findFirst()
        .orElse(null);
  }

  private static Showing showing(@Nullable String name) {
    return Arrays.stream(Showing.values())
        .filter(each -> each.name().equals(name))
        .findFirst()
        .orElse(Showing.ANY);
  }

  private static boolean isTrue(XMPMeta xmp, String name) throws XMPException {
    return "True".equals(xmp.getPropertyString(OURS, name));
  }

  private static @Nullable PixelBox box(@Nullable String text) {
    if (text == null || !text.matches("\\d{1,6},\\d{1,6},[1-9]\\d{0,5},[1-9]\\d{0,5}")) {
      return null;
    }
    int[] sides = Arrays.stream(text.split(",")).mapToInt(Integer::parseInt).toArray();
    return new PixelBox(sides[0], sides[1], sides[2], sides[3]);
  }

  /** The sidecar as a file. */
  public byte[] write() {
    try {
      XMPMeta xmp = XMPMetaFactory.create();
      Integer stars = stars();
      if (stars != null) {
        xmp.setPropertyInteger(XMPConst.NS_XMP, "Rating", stars);
      }
      localized(xmp, "title", words.title());
      localized(xmp, "description", choosing == null ? words.caption() : choosing.caption());
      for (String keyword : words.keywords().split(", ")) {
        if (!keyword.isEmpty()) {
          xmp.appendArrayItem(
              XMPConst.NS_DC,
              "subject",
              new PropertyOptions().setArray(true),
              PlainText.of(keyword, false),
              null);
        }
      }
      if (choosing != null) {
        xmp.setProperty(OURS, "Choice", choosing.choice().name());
        xmp.setPropertyBoolean(OURS, "Hero", choosing.hero());
        xmp.setPropertyBoolean(OURS, "Private", choosing.secret());
        xmp.setPropertyBoolean(OURS, "BehindFlap", choosing.flap());
        xmp.setProperty(OURS, "Showing", choosing.showing().name());
      }
      if (keep != null) {
        xmp.setProperty(
            OURS, "KeepBox", keep.x() + "," + keep.y() + "," + keep.w() + "," + keep.h());
      }
      return XMPMetaFactory.serializeToBuffer(
          xmp, new SerializeOptions().setOmitPacketWrapper(true).setUseCompactFormat(true));
    } catch (XMPException e) {
      throw new IllegalStateException(e);
    }
  }

  private @Nullable Integer stars() {
    if (choosing == null) {
      return words.rating();
    }
    return switch (choosing.choice()) {
      case OPEN -> words.rating();
      case KEEP -> choosing.hero() ? HERO : KEPT;
      case MAYBE -> MAYBE;
      case OUT -> -1;
    };
  }

  private static void localized(XMPMeta xmp, String name, String text) throws XMPException {
    if (!text.isEmpty()) {
      // What was written before it was checked may hold what XML cannot.
      String plain = PlainText.of(text, true);
      xmp.setLocalizedText(XMPConst.NS_DC, name, null, XMPConst.X_DEFAULT, plain);
    }
  }
}
