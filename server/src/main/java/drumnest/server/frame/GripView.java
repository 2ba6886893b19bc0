package drumnest.server.frame;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/**
 * The thing that is taken hold of to open a flap, with where it sticks out while that is closed.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
@JsonSubTypes({
  @JsonSubTypes.Type(value = GripView.NoneView.class, name = "none"),
  @JsonSubTypes.Type(value = GripView.TabView.class, name = "tab"),
  @JsonSubTypes.Type(value = GripView.StringView.class, name = "string")
})
public sealed interface GripView {

  /** Nothing. */
  record NoneView() implements GripView {}

  /** A tab. */
  record TabView(Views.BoxView box) implements GripView {}

  /** A string or ribbon. */
  record StringView(Views.BoxView box) implements GripView {}
}
