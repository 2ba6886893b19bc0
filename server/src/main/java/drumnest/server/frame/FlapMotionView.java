package drumnest.server.frame;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** How a flap moves, with what is seen of it once it has. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = FlapMotionView.TurnsView.class, name = "turns"),
  @JsonSubTypes.Type(value = FlapMotionView.SlidesView.class, name = "slides"),
  @JsonSubTypes.Type(value = FlapMotionView.StaysView.class, name = "stays")
})
public sealed interface FlapMotionView {

  /** Over its hinge. */
  record TurnsView(Views.SlotView inside) implements FlapMotionView {}

  /** Out over an edge. */
  record SlidesView(Views.SlotView inside) implements FlapMotionView {}

  /** Not at all: it is stuck down. */
  record StaysView() implements FlapMotionView {}
}
