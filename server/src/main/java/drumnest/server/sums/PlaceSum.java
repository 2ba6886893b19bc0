package drumnest.server.sums;

import drumnest.core.fit.CropWindow;
import drumnest.core.measure.Size;
import drumnest.core.photo.Pixels;
import drumnest.core.place.Candidate;
import drumnest.core.place.FreePlacing;
import drumnest.core.place.Place;
import drumnest.core.place.Placing;
import drumnest.core.place.PlacingCost;
import drumnest.core.place.PrintCost;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.place.StoryPlacing;
import drumnest.core.place.Weights;
import drumnest.server.stock.RulesInForce;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Which photo goes into which slot? */
@Component
class PlaceSum implements Sum {

  private static final long MOST_FREE = 1_000_000;

  private final RulesInForce rules;

  PlaceSum(RulesInForce rules) {
    this.rules = rules;
  }

  private record Dated(Candidate candidate, @Nullable Instant takenAt) {}

  @Override
  public String name() {
    return "place";
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question) {
    return answer(question, ProgressMonitor.NONE);
  }

  @Override
  public Map<String, @Nullable Object> answer(JsonNode question, ProgressMonitor monitor) {
    Values values = Values.of(question, "", "photos", "slots", "order");
    List<Dated> photos =
        values.list(
            "photos",
            PlaceSum::photo,
            photo -> photo.candidate().id(),
            "id",
            "pixels",
            "takenAt",
            "keep",
            "hero",
            "lookalike");
    List<Place> slots =
        values.list("slots", PlaceSum::slot, Place::id, "id", "w", "h", "hidden", "mayTurn");
    boolean story = values.choice("order", "story", "free").equals("story");
    List<Candidate> candidates =
        photos.stream()
            .sorted(
                Comparator.comparing(
                    Dated::takenAt, Comparator.nullsLast(Comparator.naturalOrder())))
            .map(Dated::candidate)
            .toList();
    Placing.Order order = story ? Placing.Order.STORY : Placing.Order.FREE;
    Placing.Problem problem =
        new Placing.Problem(candidates, slots, Map.of(), order, Weights.OF_THE_SUM, rules.rules());
    if (!story && (long) candidates.size() * slots.size() > MOST_FREE) {
      throw values.refuse(
          "photos",
          "are too many to be placed in any order: photos times slots are "
              + (long) candidates.size() * slots.size()
              + ", and up to 1 000 000 are accepted; in story order, more");
    }
    try {
      Placing placing = story ? new StoryPlacing() : new FreePlacing();
      return answer(problem, placing.place(problem, monitor), photos);
    } catch (IllegalArgumentException tooLarge) {
      throw values.refuse("photos", "are too many: " + tooLarge.getMessage());
    }
  }

  private static Dated photo(Values values) {
    Pixels pixels = values.pixels("pixels");
    return new Dated(
        new Candidate(
            values.text("id"),
            pixels,
            values.keep("keep", pixels),
            values.flag("hero", false),
            values.has("lookalike") ? values.text("lookalike") : null,
            null),
        values.has("takenAt") ? moment(values) : null);
  }

  private static Place slot(Values values) {
    return new Place(
        values.text("id"),
        new Size(values.length("w"), values.length("h")),
        values.flag("hidden", false),
        values.flag("mayTurn", false));
  }

  /** A moment in ISO 8601; one without a zone is taken as of UTC, a date as its beginning. */
  private static Instant moment(Values values) {
    String text = values.text("takenAt");
    try {
      TemporalAccessor moment =
          text.contains("T")
              ? DateTimeFormatter.ISO_DATE_TIME.parseBest(
                  text, ZonedDateTime::from, OffsetDateTime::from, LocalDateTime::from)
              : LocalDate.parse(text).atStartOfDay();
      if (moment instanceof ZonedDateTime zoned) {
        return zoned.toInstant();
      }
      if (moment instanceof OffsetDateTime offset) {
        return offset.toInstant();
      }
      return ((LocalDateTime) moment).toInstant(ZoneOffset.UTC);
    } catch (DateTimeException e) {
      throw values.refuse(
          "takenAt", "is no moment; accepted is ISO 8601, as 2031-06-14T14:41:00 or with a zone");
    }
  }

  private static Map<String, @Nullable Object> answer(
      Placing.Problem problem, Placing.Arrangement arrangement, List<Dated> asGiven) {
    Map<String, Integer> placeOf = new LinkedHashMap<>();
    for (int i = 0; i < problem.candidates().size(); i++) {
      placeOf.put(problem.candidates().get(i).id(), arrangement.placement().placeOf(i));
    }
    Map<Integer, Candidate> at = new LinkedHashMap<>();
    List<String> unplaced = new ArrayList<>();
    for (Dated photo : asGiven) {
      int place = placeOf.get(photo.candidate().id());
      if (place < 0) {
        unplaced.add(photo.candidate().id());
      } else {
        at.put(place, photo.candidate());
      }
    }
    List<Map<String, @Nullable Object>> placements = new ArrayList<>();
    List<String> empty = new ArrayList<>();
    for (int i = 0; i < problem.places().size(); i++) {
      Place slot = problem.places().get(i);
      Candidate photo = at.get(i);
      if (photo == null) {
        empty.add(slot.id());
        continue;
      }
      CropWindow window = PrintCost.window(photo, slot, problem.rules()).orElseThrow();
      Map<String, @Nullable Object> placement = Answers.open();
      placement.put("photo", photo.id());
      placement.put("slot", slot.id());
      placement.put("turned", window.turned());
      Answers.crop(placement, window);
      placements.add(placement);
    }
    Map<String, @Nullable Object> answer = Answers.open();
    answer.put("placements", placements);
    answer.put("unplaced", unplaced);
    answer.put("empty", empty);
    answer.put("cost", cost(arrangement));
    answer.put(
        "working",
        Answers.said(
            "%d of %d placed; cost %.2f", placements.size(), asGiven.size(), cost(arrangement)));
    return answer;
  }

  private static BigDecimal cost(Placing.Arrangement arrangement) {
    return BigDecimal.valueOf(arrangement.cost()).divide(BigDecimal.valueOf(PlacingCost.ONE));
  }
}
