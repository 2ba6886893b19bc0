package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.flap.Flap;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.LeafState;
import drumnest.core.album.leaf.Side;
import drumnest.core.album.leaf.Slot;
import drumnest.core.album.leaf.SlotKind;
import drumnest.core.measure.Area;
import drumnest.core.measure.Size;
import drumnest.core.mover.LeafProposal;
import drumnest.core.photo.AlbumPhoto;
import drumnest.core.place.Candidate;
import drumnest.core.place.LeafChoices;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.MakingRoom;
import drumnest.core.place.SleevesFor;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.HouseRule;
import drumnest.core.stock.LeafType;
import drumnest.server.album.StockLeft;
import drumnest.server.frame.SlotDrawing;
import drumnest.server.frame.Views;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows proposed leaves side by side, true to scale, with their sums. */
@Component
class ProposalViews {

  private final Shelf shelf;

  ProposalViews(Shelf shelf) {
    this.shelf = shelf;
  }

  /**
   * A place drawn to scale, in inches.
   *
   * @param x from the left of its page
   * @param y from the top of its page
   * @param over whether it is a sleeve over the page
   * @param photo the photo in it; left out where it is empty
   */
  record SketchPlace(
      double x,
      double y,
      double w,
      double h,
      boolean over,
      @Nullable String photo,
      Views.@Nullable DrawingView drawing) {}

  /** A page drawn to scale, in inches. */
  record SketchPage(double w, double h, List<SketchPlace> places) {}

  record SketchLeaf(String name, SketchPage front, SketchPage back) {}

  /**
   * How many of something a plan needs.
   *
   * @param owned how many no album uses; left out where nobody has counted
   */
  record NeedView(String key, String name, int needed, @Nullable Integer owned) {}

  /**
   * A plan.
   *
   * @param title what it is best at
   * @param words how sure that is, in a sentence
   * @param places how many places its pages have
   * @param photos how many of them hold a photo
   * @param inSleeves how many photos are in sleeves over its pages
   * @param full how much of the places' area photos take, in percent
   * @param kept how many are kept free, for words and to breathe
   * @param empty how many could hold a photo and do not
   * @param cropped the share of the photos that is cropped away, in percent
   * @param forced how many photos are cropped very much
   * @param left the names of photos that find no place
   * @param sleeves the sleeves over its pages, and those that what finds no place would need
   */
  record LeafPlanView(
      int number,
      String title,
      String words,
      List<SketchLeaf> leaves,
      int places,
      int photos,
      int inSleeves,
      long full,
      int kept,
      int empty,
      double cropped,
      int forced,
      List<String> left,
      List<NeedView> kinds,
      List<NeedView> sleeves) {}

  /**
   * The leaves that are proposed.
   *
   * @param photos how many photos are to be placed, in words, or why none is
   * @param goes which leaves would be taken out, by their numbers
   */
  record ProposalView(String photos, List<Integer> goes, List<LeafPlanView> plans) {}

  ProposalView view(LeafProposal proposal) {
    List<LeafPlanView> views = new ArrayList<>();
    for (LeafChoices.Choice choice : proposal.choices()) {
      views.add(plan(proposal, choice, views.size() + 1));
    }
    return new ProposalView(
        proposal.nothing() == null ? photos(proposal) : LeafPlans.nothing(proposal.nothing()),
        proposal.goes().stream().map(Leaf::number).toList(),
        views);
  }

  /** How many photos, how many of them are second versions, and how many need no new leaf. */
  private static String photos(LeafProposal proposal) {
    Set<String> told = new HashSet<>();
    long second =
        proposal.waiting().stream()
            .filter(each -> each.alternates() != null && !told.add(each.alternates()))
            .count();
    int count = proposal.waiting().size();
    int filled = proposal.filled().size();
    return count
        + (count == 1 ? " photo" : " photos")
        + " to place"
        + (second == 0
            ? ""
            : ", " + second + " of them " + (second == 1 ? "a second version" : "second versions"))
        + (filled == 0
            ? ""
            : "; "
                + filled
                + (filled == 1 ? " goes" : " go")
                + " into places that are empty already");
  }

  private LeafPlanView plan(LeafProposal proposal, LeafChoices.Choice choice, int number) {
    LeafPlanning.Plan plan = choice.plan();
    AlbumModel with = proposal.with(choice);
    List<Leaf> leaves = LeafProposal.added(with, plan);
    List<Slot> all =
        leaves.stream()
            .flatMap(leaf -> Stream.of(Side.values()).flatMap(side -> leaf.slots(side, 0).stream()))
            .toList();
    List<Slot> slots = all.stream().filter(slot -> slot.kind().isOfPage()).toList();
    List<Slot> filled = slots.stream().filter(slot -> with.seated(slot).isPresent()).toList();
    int kept = (int) slots.stream().filter(slot -> with.reservation(slot).isPresent()).count();
    List<Double> cropped =
        all.stream()
            .flatMap(slot -> with.seated(slot).stream())
            .map(seated -> 1 - seated.measured().keptShare())
            .toList();
    double forcedAbove = with.rules().number(HouseRule.FORCED_ABOVE) / 100.0;
    List<Candidate> left = left(proposal, with);
    return new LeafPlanView(
        number,
        leaves.isEmpty() ? "No new leaf needed" : title(choice),
        sure(choice),
        leaves.stream().map(leaf -> sketch(with, leaf)).toList(),
        slots.size(),
        filled.size(),
        cropped.size() - filled.size(),
        full(filled, slots),
        kept,
        slots.size() - kept - filled.size(),
        Math.round(1000 * cropped.stream().mapToDouble(Double::doubleValue).average().orElse(0))
            / 10.0,
        (int) cropped.stream().filter(share -> share > forcedAbove).count(),
        left.stream().map(each -> with.photo(each.id()).map(AlbumPhoto::name).orElse("")).toList(),
        kinds(proposal, plan),
        sleeves(with, leaves, left, proposal.owned()));
  }

  private static String sure(LeafChoices.Choice choice) {
    if (choice.plan().leaves().isEmpty()) {
      return "Every photo goes into a place that is empty already.";
    }
    return choice.proven() ? "No better choice exists." : "Close to the best possible.";
  }

  /** How much of the picture area of all slots those that are filled take, in percent. */
  static long full(List<Slot> filled, List<Slot> slots) {
    return slots.isEmpty() ? 0 : Math.round(100 * area(filled) / area(slots));
  }

  /** In square nanometres; those of all places of an album can pass the range of an exact area. */
  private static double area(List<Slot> slots) {
    return slots.stream().mapToDouble(slot -> Area.of(slot.takes()).squareNanometres()).sum();
  }

  private static String title(LeafChoices.Choice choice) {
    String aims =
        choice.aims().stream()
            .map(
                aim ->
                    switch (aim) {
                      case FEWEST_LEAVES -> "fewest leaves";
                      case LEAST_CROPPED -> "least cropped";
                      case AIR_AS_ASKED -> "closest to the room you asked for";
                    })
            .collect(Collectors.joining(", "));
    return aims.substring(0, 1).toUpperCase(Locale.ENGLISH) + aims.substring(1);
  }

  /** The photos that find no place; of the versions of one subject one counts. */
  private static List<Candidate> left(LeafProposal proposal, AlbumModel with) {
    Set<String> told = new HashSet<>();
    for (Candidate each : proposal.waiting()) {
      if (with.slotOf(each.id()).isPresent()) {
        told.add(each.alternates());
      }
    }
    List<Candidate> left = new ArrayList<>();
    for (Candidate each : proposal.waiting()) {
      boolean placed = with.slotOf(each.id()).isPresent();
      if (!placed && (each.alternates() == null || told.add(each.alternates()))) {
        left.add(each);
      }
    }
    return left;
  }

  private List<NeedView> kinds(LeafProposal proposal, LeafPlanning.Plan plan) {
    Map<String, Integer> used = LeafPlanning.used(plan);
    return proposal.types().entrySet().stream()
        .filter(type -> used.containsKey(type.getKey()))
        .map(type -> need(type, used.get(type.getKey()), proposal.owned().get(type.getKey())))
        .toList();
  }

  private static NeedView need(
      Map.Entry<String, LeafType> type, int needed, @Nullable Integer owned) {
    return new NeedView(type.getKey(), type.getValue().name(), needed, owned);
  }

  private List<NeedView> sleeves(
      AlbumModel with, List<Leaf> leaves, List<Candidate> left, Map<String, Integer> owned) {
    List<LeafState> states = leaves.stream().map(with::state).toList();
    List<MakingRoom.Sleeve> sleeves = new ArrayList<>();
    Map<String, Integer> needed = new LinkedHashMap<>();
    List<Flap> over = new ArrayList<>(StockLeft.sleevesOver(states));
    for (Shelf.Entry entry : shelf.all()) {
      if (!entry.gone() && entry.item() instanceof CatalogueItem.SleeveType sleeve) {
        sleeves.add(new MakingRoom.Sleeve(entry.key(), sleeve.insert()));
        List<Flap> these =
            over.stream().filter(flap -> sleeve.takes(flap.takes(), flap.hinge())).toList();
        if (!these.isEmpty()) {
          needed.put(entry.key(), these.size());
          over.removeAll(these);
        }
      }
    }
    SleevesFor.count(left, sleeves, with.rules())
        .forEach((key, count) -> needed.merge(key, count, Integer::sum));
    return needed.entrySet().stream()
        .map(
            each -> {
              Shelf.Entry entry = shelf.find(each.getKey()).orElseThrow();
              return new NeedView(
                  each.getKey(), entry.item().name(), each.getValue(), owned.get(each.getKey()));
            })
        .toList();
  }

  private static SketchLeaf sketch(AlbumModel with, Leaf leaf) {
    return new SketchLeaf(
        leaf.type().name(), page(with, leaf, Side.FRONT), page(with, leaf, Side.BACK));
  }

  private static SketchPage page(AlbumModel with, Leaf leaf, Side side) {
    Size size = leaf.size();
    return new SketchPage(
        size.w().toInches().doubleValue(),
        size.h().toInches().doubleValue(),
        Stream.concat(
                slots(leaf, side, SlotKind::isOfPage),
                // Closed flaps lie over the places.
                slots(leaf, side, kind -> kind == SlotKind.OUTSIDE))
            .map(slot -> place(with, slot))
            .toList());
  }

  private static Stream<Slot> slots(Leaf leaf, Side side, Predicate<SlotKind> kinds) {
    return leaf.slots(side, 0).stream().filter(slot -> kinds.test(slot.kind()));
  }

  private static SketchPlace place(AlbumModel with, Slot slot) {
    AlbumModel.Seated seated = with.seated(slot).orElse(null);
    return new SketchPlace(
        slot.box().x().toInches().doubleValue(),
        slot.box().y().toInches().doubleValue(),
        slot.box().w().toInches().doubleValue(),
        slot.box().h().toInches().doubleValue(),
        !slot.kind().isOfPage(),
        seated == null ? null : seated.holding().photo(),
        seated == null
            ? null
            : SlotDrawing.of(
                slot.takes(), seated.photo().pixels(), seated.measured(), with.rules()));
  }
}
