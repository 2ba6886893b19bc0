package drumnest.server.album;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.Change;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/** Names the kinds of changes in stored steps; the names are read for ever. */
final class StoredKinds extends TypeIdResolverBase {

  /** A kind of change, its name where it is stored, and its class. */
  private enum StoredChange {
    HOLDING("filling", Change.OfHolding.class),
    PHOTO("photo", Change.OfPhoto.class),
    OPENING("opening", Change.OfOpening.class),
    TITLE("title", Change.OfTitle.class),
    FORMAT("format", Change.OfFormat.class),
    LEAF("leaf", Change.OfLeaf.class),
    ORDER("order", Change.OfOrder.class),
    EPHEMERA("thing", Change.OfEphemera.class),
    ENTRY("entry", Change.OfEntry.class),
    CHAPTERS("chapters", Change.OfChapters.class),
    FACTS("facts", Change.OfFacts.class),
    CLOCK("clock", Change.OfClock.class);

    private final String stored;
    private final Class<? extends Change> type;

    StoredChange(String stored, Class<? extends Change> type) {
      this.stored = stored;
      this.type = type;
    }
  }

  private static final Change.Visitor<StoredChange> KIND =
      new Change.Visitor<>() {
        @Override
        public StoredChange holding(Change.OfHolding change) {
          return StoredChange.HOLDING;
        }

        @Override
        public StoredChange photo(Change.OfPhoto change) {
          return StoredChange.PHOTO;
        }

        @Override
        public StoredChange opening(Change.OfOpening change) {
          return StoredChange.OPENING;
        }

        @Override
        public StoredChange title(Change.OfTitle change) {
          return StoredChange.TITLE;
        }

        @Override
        public StoredChange format(Change.OfFormat change) {
          return StoredChange.FORMAT;
        }

        @Override
        public StoredChange leaf(Change.OfLeaf change) {
          return StoredChange.LEAF;
        }

        @Override
        public StoredChange order(Change.OfOrder change) {
          return StoredChange.ORDER;
        }

        @Override
        public StoredChange ephemera(Change.OfEphemera change) {
          return StoredChange.EPHEMERA;
        }

        @Override
        public StoredChange entry(Change.OfEntry change) {
          return StoredChange.ENTRY;
        }

        @Override
        public StoredChange chapters(Change.OfChapters change) {
          return StoredChange.CHAPTERS;
        }

        @Override
        public StoredChange facts(Change.OfFacts change) {
          return StoredChange.FACTS;
        }

        @Override
        public StoredChange clock(Change.OfClock change) {
          return StoredChange.CLOCK;
        }
      };

  @Override
  public String idFromValue(DatabindContext context, Object value) {
    return ((Change) value).accept(KIND).stored;
  }

  @Override
  public String idFromValueAndType(DatabindContext context, Object value, Class<?> suggested) {
    return idFromValue(context, value);
  }

  @Override
  public JavaType typeFromId(DatabindContext context, String id) {
    for (StoredChange kind : StoredChange.values()) {
      if (kind.stored.equals(id)) {
        return context.constructType(kind.type);
      }
    }
    throw new IllegalArgumentException("No kind of change is stored as “" + id + "”.");
  }

  @Override
  public JsonTypeInfo.Id getMechanism() {
    return JsonTypeInfo.Id.CUSTOM;
  }
}
