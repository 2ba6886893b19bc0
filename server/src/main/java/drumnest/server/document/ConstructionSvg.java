package drumnest.server.document;

import drumnest.core.measure.Box;
import drumnest.core.measure.Length;
import drumnest.core.measure.Segment;
import drumnest.core.mover.kind.Construction;
import drumnest.core.mover.kind.Construction.Piece;
import drumnest.server.stock.UnitsInUse;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * The pieces of a mover as SVG, in millimetres, one below the other, in layers for a cutting
 * machine: cut, score, glue, and words. A score says how it is folded in {@code data-fold}, a panel
 * whose it is in {@code data-panel}. Source of the format: SVG 1.1 (W3C), units in section 7.10.
 */
public final class ConstructionSvg {

  private static final Length GAP = Length.ofMillimetres(12);

  /** How a fold is drawn; what is scored and not folded, or not cut, is dotted. */
  private static final Map<String, String> DASHES = Map.of("valley", "4 2", "mountain", "6 2 1 2");

  private static final String SVG = "http://www.w3.org/2000/svg";

  private final XMLStreamWriter xml;

  private ConstructionSvg(XMLStreamWriter xml) {
    this.xml = xml;
  }

  public static byte[] of(String title, Construction construction) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      XMLStreamWriter xml =
          XMLOutputFactory.newInstance().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
      new ConstructionSvg(xml).write(title, construction);
      xml.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return out.toByteArray();
  }

  private void write(String title, Construction construction) throws XMLStreamException {
    Length wide = GAP;
    Length high = GAP;
    for (Piece piece : construction.pieces()) {
      wide = wide.max(piece.size().w());
      high = high.plus(piece.size().h()).plus(GAP);
    }
    String w = mm(wide.plus(GAP.times(2)));
    String h = mm(high);
    xml.writeStartDocument(StandardCharsets.UTF_8.name(), "1.0");
    xml.writeStartElement("svg");
    xml.writeDefaultNamespace(SVG);
    xml.writeAttribute("width", w + "mm");
    xml.writeAttribute("height", h + "mm");
    xml.writeAttribute("viewBox", "0 0 " + w + " " + h);
    xml.writeStartElement("title");
    xml.writeCharacters(title);
    xml.writeEndElement();
    layer("glue", "#9fb0b5", construction, this::glue);
    layer("score", "#3b4cc0", construction, this::scores);
    layer("cut", "#10262c", construction, this::cuts);
    layer("words", "none", construction, this::words);
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  /** The drawing of a piece on a layer. */
  private interface Drawing {
    void of(Piece piece, Length x, Length y) throws XMLStreamException;
  }

  private void layer(String name, String stroke, Construction construction, Drawing drawing)
      throws XMLStreamException {
    xml.writeStartElement("g");
    xml.writeAttribute("id", name);
    xml.writeAttribute("fill", "none");
    xml.writeAttribute("stroke", stroke);
    xml.writeAttribute("stroke-width", "0.35");
    Length y = GAP;
    for (Piece piece : construction.pieces()) {
      drawing.of(piece, GAP, y);
      y = y.plus(piece.size().h()).plus(GAP);
    }
    xml.writeEndElement();
  }

  private void cuts(Piece piece, Length x, Length y) throws XMLStreamException {
    Box whole = Box.of(x, y, piece.size());
    if (piece.isRectangle()) {
      rect(whole, piece, null, null);
    } else {
      for (Segment edge : piece.outline()) {
        line(edge.moved(x, y), piece, null);
      }
    }
    for (Segment slit : piece.slits()) {
      line(slit.moved(x, y), piece, null);
    }
    for (Construction.Hole hole : piece.holes()) {
      xml.writeEmptyElement("circle");
      xml.writeAttribute("cx", mm(hole.x().plus(x)));
      xml.writeAttribute("cy", mm(hole.y().plus(y)));
      xml.writeAttribute("r", mm(hole.wide().dividedBy(2)));
    }
  }

  private void scores(Piece piece, Length x, Length y) throws XMLStreamException {
    for (Construction.Score score : piece.scores()) {
      line(score.line().moved(x, y), piece, score.fold().name().toLowerCase(Locale.ROOT));
    }
  }

  private void glue(Piece piece, Length x, Length y) throws XMLStreamException {
    for (Construction.Area area : piece.areas()) {
      String use = area.use().name().toLowerCase(Locale.ROOT).replace('_', '-');
      rect(area.box().moved(x, y), piece, "data-use", use);
      xml.writeAttribute("fill", "#9fb0b5");
      xml.writeAttribute("fill-opacity", "0.3");
    }
  }

  private void words(Piece piece, Length x, Length y) throws XMLStreamException {
    for (Construction.Panel panel : piece.panels()) {
      rect(panel.box().moved(x, y), piece, "data-panel", panel.part());
    }
    text(
        x,
        y.minus(Length.ofMillimetres(2)),
        5,
        PieceNames.of(piece) + ", " + UnitsInUse.text(piece.size()));
    for (Construction.Panel panel : piece.panels()) {
      Box at = panel.box().moved(x, y);
      text(
          at.x().plus(at.w().dividedBy(2)).minus(Length.ofMillimetres(8)),
          at.y().plus(at.h().dividedBy(2)),
          5,
          "part " + panel.part());
    }
    Length near = Length.ofMillimetres(2);
    for (Construction.Score score : piece.scores()) {
      Segment at = score.line().moved(x, y);
      Length down = at.level() ? near.negated() : near.times(2);
      text(at.x().plus(near), at.y().plus(down), 3, ConstructionPlan.words(score));
    }
    for (Construction.Area area : piece.areas()) {
      Box at = area.box().moved(x, y);
      text(at.x().plus(near), at.bottom().minus(near), 3, ConstructionPlan.words(area));
    }
  }

  private void text(Length x, Length y, int millimetres, String words) throws XMLStreamException {
    xml.writeStartElement("text");
    xml.writeAttribute("x", mm(x));
    xml.writeAttribute("y", mm(y));
    xml.writeAttribute("font-size", String.valueOf(millimetres));
    xml.writeAttribute("font-family", "sans-serif");
    xml.writeAttribute("fill", "#10262c");
    xml.writeCharacters(words);
    xml.writeEndElement();
  }

  private void rect(Box box, Piece piece, @Nullable String attribute, @Nullable String value)
      throws XMLStreamException {
    xml.writeEmptyElement("rect");
    xml.writeAttribute("x", mm(box.x()));
    xml.writeAttribute("y", mm(box.y()));
    xml.writeAttribute("width", mm(box.w()));
    xml.writeAttribute("height", mm(box.h()));
    xml.writeAttribute("data-piece", PieceNames.of(piece));
    if (attribute != null && value != null) {
      xml.writeAttribute(attribute, value);
    }
  }

  private void line(Segment line, Piece piece, @Nullable String fold) throws XMLStreamException {
    xml.writeEmptyElement("line");
    xml.writeAttribute("x1", mm(line.x()));
    xml.writeAttribute("y1", mm(line.y()));
    xml.writeAttribute("x2", mm(line.endX()));
    xml.writeAttribute("y2", mm(line.endY()));
    xml.writeAttribute("data-piece", PieceNames.of(piece));
    if (fold != null) {
      xml.writeAttribute("data-fold", fold);
      xml.writeAttribute("stroke-dasharray", DASHES.getOrDefault(fold, "1 1"));
    }
  }

  private static String mm(Length length) {
    BigDecimal exact = length.toMillimetres().setScale(4, RoundingMode.HALF_UP);
    return exact.signum() == 0 ? "0" : exact.stripTrailingZeros().toPlainString();
  }
}
