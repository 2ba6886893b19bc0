package drumnest.server.album;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.Change;
import tools.jackson.databind.DatabindContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.jsontype.impl.TypeIdResolverBase;

/** Names the kinds of changes in stored steps; the names are read for ever. */
final class StoredKinds extends TypeIdResolverBase {

  /** A kind of change, its name where it is stored, and its class. */
  private enum Kind {
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

    Kind(String stored, Class<? extends Change> type) {
      this.stored = stored;
      this.type = type;
    }
  }

  private static final Change.Visitor<Kind> KIND =
      new Change.Visitor<>() {
        @Override
        public Kind holding(Change.OfHolding change) {
          return Kind.HOLDING;
        }

        @Override
        public Kind photo(Change.OfPhoto change) {
          return Kind.PHOTO;
        }

        @Override
        public Kind opening(Change.OfOpening change) {
          return Kind.OPENING;
        }

        @Override
        public Kind title(Change.OfTitle change) {
          return Kind.TITLE;
        }

        @Override
        public Kind format(Change.OfFormat change) {
          return Kind.FORMAT;
        }

        @Override
        public Kind leaf(Change.OfLeaf change) {
          return Kind.LEAF;
        }

        @Override
        public Kind order(Change.OfOrder change) {
          return Kind.ORDER;
        }

        @Override
        public Kind ephemera(Change.OfEphemera change) {
          return Kind.EPHEMERA;
        }

        @Override
        public Kind entry(Change.OfEntry change) {
          return Kind.ENTRY;
        }

        @Override
        public Kind chapters(Change.OfChapters change) {
          return Kind.CHAPTERS;
        }

        @Override
        public Kind facts(Change.OfFacts change) {
          return Kind.FACTS;
        }

        @Override
        public Kind clock(Change.OfClock change) {
          return Kind.CLOCK;
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
    for (Kind kind : Kind.values()) {
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
