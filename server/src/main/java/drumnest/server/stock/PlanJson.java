package drumnest.server.stock;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import drumnest.core.album.flap.Band;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.flap.Grip;
import drumnest.core.album.flap.Mechanism;
import drumnest.core.album.leaf.Anchor;
import drumnest.core.album.leaf.PagePlan;
import drumnest.core.album.leaf.Shape;
import drumnest.core.fit.Outline;
import drumnest.core.stock.Part;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans of pages as JSON, for the database; lengths in their exact text. */
public final class PlanJson {

  private static final String STRAIGHT = "straight";
  private static final String GRID = "grid";
  private static final String ACCORDION = "accordion";
  private static final String WATERFALL = "waterfall";
  private static final String GUTTER_BAND = "gutter-band";
  private static final String EDGE_BAND = "edge-band";

  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addModule(LengthJson.module())
          .addMixIn(Shape.class, Shapes.class)
          .addMixIn(Anchor.class, Anchors.class)
          .addMixIn(Outline.class, Outlines.class)
          .addMixIn(Mechanism.class, Mechanisms.class)
          .addMixIn(Flap.class, Flaps.class)
          .addMixIn(Part.class, Parts.class)
          .build();

  /** The options that mechanisms of earlier versions do not speak of, and are without. */
  private static final Map<String, List<String>> OPTIONS =
      Map.of(
          ACCORDION, List.of("panorama", "printed"),
          WATERFALL, List.of("sleeves"),
          GUTTER_BAND, List.of("under"),
          EDGE_BAND, List.of("under"));

  private PlanJson() {}

  /** The plan as JSON; null where nothing is planned. */
  public static @Nullable String write(PagePlan plan) {
    return plan.isEmpty() ? null : MAPPER.writeValueAsString(plan);
  }

  public static PagePlan read(@Nullable String json) {
    if (json == null) {
      return PagePlan.EMPTY;
    }
    JsonNode plan = MAPPER.readTree(json);
    cutStraight(plan.path("blocks"));
    joinNone(plan.path("blocks"));
    cutStraight(plan.path("mounts"));
    for (String later : List.of("flaps", "movers")) {
      if (!plan.has(later)) {
        ((ObjectNode) plan).putArray(later);
      }
      for (JsonNode mover : plan.path(later)) {
        if (!mover.has("grip")) {
          ((ObjectNode) mover).put("grip", Grip.NONE.name());
        }
        JsonNode mechanism = mover.path("mechanism");
        String kind = mechanism.path("mechanism").asString("");
        for (String option : OPTIONS.getOrDefault(kind, List.of())) {
          if (!mechanism.has(option)) {
            ((ObjectNode) mechanism).put(option, false);
          }
        }
      }
    }
    return MAPPER.treeToValue(plan, PagePlan.class);
  }

  /**
   * Plans of earlier versions know no other outline, and do not speak of it; nor of movers, nor of
   * what those are taken hold of by, nor of panoramas and what is printed in place.
   */
  private static void cutStraight(JsonNode parts) {
    for (JsonNode part : parts) {
      if (!part.has("outline")) {
        ((ObjectNode) part).putObject("outline").put("outline", STRAIGHT);
      }
    }
  }

  /** In grids of earlier versions no cells are joined. */
  private static void joinNone(JsonNode blocks) {
    for (JsonNode block : blocks) {
      JsonNode shape = block.path("shape");
      if (shape.path("shape").asString("").equals(GRID) && !shape.has("joined")) {
        ((ObjectNode) shape).putArray("joined");
      }
    }
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "shape")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Shape.Single.class, name = "single"),
    @JsonSubTypes.Type(value = Shape.InRow.class, name = "row"),
    @JsonSubTypes.Type(value = Shape.InGrid.class, name = GRID),
    @JsonSubTypes.Type(value = Shape.Mixed.class, name = "mixed")
  })
  private interface Shapes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "outline")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Outline.Straight.class, name = STRAIGHT),
    @JsonSubTypes.Type(value = Outline.Oval.class, name = "oval"),
    @JsonSubTypes.Type(value = Outline.Rounded.class, name = "rounded")
  })
  private interface Outlines {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "mechanism")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Mechanism.Chain.class, name = "chain"),
    @JsonSubTypes.Type(value = Mechanism.Booklet.class, name = "booklet"),
    @JsonSubTypes.Type(value = Mechanism.Waterfall.class, name = WATERFALL),
    @JsonSubTypes.Type(value = Mechanism.Accordion.class, name = ACCORDION),
    @JsonSubTypes.Type(value = Mechanism.FoldOut.class, name = "fold-out"),
    @JsonSubTypes.Type(value = Mechanism.Door.class, name = "door"),
    @JsonSubTypes.Type(value = Mechanism.TuckSpot.class, name = "tuck-spot"),
    @JsonSubTypes.Type(value = Mechanism.EdgeTuck.class, name = "edge-tuck"),
    @JsonSubTypes.Type(value = Mechanism.PullOut.class, name = "pull-out"),
    @JsonSubTypes.Type(value = Mechanism.Divided.class, name = "divided"),
    @JsonSubTypes.Type(value = Band.Gutter.class, name = GUTTER_BAND),
    @JsonSubTypes.Type(value = Band.Beyond.class, name = EDGE_BAND)
  })
  private interface Mechanisms {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "part")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Part.Whole.class, name = "whole"),
    @JsonSubTypes.Type(value = Part.Shut.class, name = "shut"),
    @JsonSubTypes.Type(value = Part.Divided.class, name = "divided"),
    @JsonSubTypes.Type(value = Part.Shared.class, name = "shared")
  })
  private interface Parts {}

  @JsonSerialize(converter = StoredFlap.Writing.class)
  @JsonDeserialize(converter = StoredFlap.Reading.class)
  private interface Flaps {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "at")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Anchor.OnPage.class, name = "page"),
    @JsonSubTypes.Type(value = Anchor.OfBlock.class, name = "block")
  })
  private interface Anchors {}
}
