package drumnest.server.intake;

import java.io.ByteArrayInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Refuses XML whose elements stand in each other deeper than anything written for a photo, before
 * it comes to a parser that calls itself for each: that would use up the thread's stack.
 */
public final class XmlNesting {

  /**
   * XMP needs less than twenty levels (source: ISO 16684-1, with structures in arrays in
   * structures).
   */
  private static final int DEEPEST = 64;

  static {
    // A parser that mends what is damaged, and so reads on where this one stops, stops soon after
    // (source: JAXP processing limits).
    System.setProperty("jdk.xml.maxElementDepth", String.valueOf(DEEPEST + 1));
  }

  private XmlNesting() {}

  /**
   * Looks at a text as far as it is XML.
   *
   * @param text in any encoding that it declares
   * @throws RefusedPhotoException if it is nested too deep
   */
  public static void require(byte[] text) {
    XMLInputFactory factory = XMLInputFactory.newFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_NAMESPACE_AWARE, false);
    try {
      XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(text));
      for (int depth = 0; reader.hasNext(); ) {
        int event = reader.next();
        if (event == XMLStreamReader.START_ELEMENT && ++depth > DEEPEST) {
          throw new RefusedPhotoException(
              "Its XMP is nested deeper than "
                  + DEEPEST
                  + " levels, which no photo program writes. Save it anew without it.");
        }
        if (event == XMLStreamReader.END_ELEMENT) {
          depth--;
        }
      }
    } catch (XMLStreamException noXml) {
      // The parser says so in its own words, or goes without.
    }
  }
}
