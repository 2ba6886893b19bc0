package drumnest.server.leaves;

import drumnest.core.album.AlbumModel;
import drumnest.core.album.Change;
import drumnest.core.album.Holding;
import drumnest.core.album.leaf.Leaf;
import drumnest.core.album.leaf.Slot;
import drumnest.core.mover.LeafProposal;
import drumnest.core.mover.MoverSuggestions.Sleeves;
import drumnest.core.place.AlbumPlacing;
import drumnest.core.place.LeafChoices;
import drumnest.core.place.LeafPlanning;
import drumnest.core.place.ProgressMonitor;
import drumnest.core.stock.LeafType;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.StaleVersionException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.History;
import drumnest.server.album.OpenAlbums;
import drumnest.server.album.SeenAlbum;
import drumnest.server.album.StockLeft;
import drumnest.server.frame.Words;
import drumnest.server.stock.Shelf;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Proposes leaves for photos, and lays the leaves of a proposal into the album. */
@Service
public class LeafPlans {

  private final OpenAlbums openAlbums;
  private final History history;
  private final Shelf shelf;
  private final LeafProposal.Stock left;
  private final ShownProposals shown;

  LeafPlans(
      OpenAlbums openAlbums, History history, Shelf shelf, StockLeft stock, ShownProposals shown) {
    this.openAlbums = openAlbums;
    this.history = history;
    this.shelf = shelf;
    this.left =
        new LeafProposal.Stock() {
          @Override
          public Map<String, Integer> leaves(AlbumModel staying) {
            return stock.of(staying);
          }

          @Override
          public List<Sleeves> sleeves(AlbumModel staying) {
            return stock.sleeves(staying);
          }
        };
    this.shown = shown;
  }

  /**
   * Up to three plans, each best at something: that with the least paper first.
   *
   * @param run what the run is called, so that one of its plans can be laid; null for none
   * @throws FieldProblemException if no kind is named, or one that has no pockets
   */
  public LeafProposal propose(
      long albumId, LeafProposal.Request request, @Nullable String run, ProgressMonitor monitor) {
    OpenAlbums.Opened opened = openAlbums.opened(albumId);
    LeafProposal proposal = propose(opened.album(), request, monitor);
    shown.add(run, opened.revision(), proposal);
    return proposal;
  }

  private LeafProposal propose(
      AlbumModel album, LeafProposal.Request request, ProgressMonitor monitor) {
    return LeafProposal.of(album, request, types(request.kinds()), left, LeafEdits.MOST, monitor);
  }

  /** Tells why nothing is proposed, and what to do. */
  static String nothing(LeafProposal.Nothing nothing) {
    return switch (nothing) {
      case NO_PHOTOS -> "There are no photos yet. Bring some in with Gather.";
      case NONE_KEPT ->
          "Nothing is kept yet. Keep photos in Gather, or let the undecided ones be placed too.";
      case KEPT_PLACED ->
          "Every kept photo has a place already. Keep more with Gather, or let the undecided ones"
              + " be placed too.";
      case ALL_PLACED -> "Every photo has a place already.";
    };
  }

  private Map<String, LeafType> types(List<String> keys) {
    Map<String, LeafType> types = new LinkedHashMap<>();
    for (String key : new LinkedHashSet<>(keys)) {
      LeafType type =
          shelf
              .find(key)
              .filter(entry -> !entry.gone())
              .map(Shelf.Entry::item)
              .filter(LeafType.class::isInstance)
              .map(LeafType.class::cast)
              .filter(each -> each.pattern() != null)
              .orElseThrow(
                  () ->
                      new FieldProblemException(
                          "kinds", "There is no kind of leaf with pockets called “" + key + "”."));
      types.put(key, type);
    }
    if (types.isEmpty()) {
      throw new FieldProblemException("kinds", "Choose at least one kind of leaf.");
    }
    return types;
  }

  /**
   * Lays the leaves of a plan into the album, with their photos: one step.
   *
   * @param run the run that has found the plans; null where they are to be found again
   * @param number which plan, from 1, as the same request proposes them
   * @throws StaleVersionException if anything has changed since that the plans depend on
   */
  public void take(
      long albumId, long version, LeafProposal.Request request, @Nullable String run, int number) {
    // It says what was proposed for the album as it was seen.
    OpenAlbums.Opened opened = openAlbums.opened(albumId);
    SeenAlbum seen = openAlbums.seen(albumId, version).unchanged();
    AlbumModel album = seen.album();
    LeafProposal proposal =
        shown
            .of(albumId, run, opened.revision(), request)
            .orElseGet(() -> propose(album, request, ProgressMonitor.NONE));
    if (proposal.nothing() != null) {
      throw new UnprocessableException("photos", nothing(proposal.nothing()));
    }
    if (number < 1 || number > proposal.choices().size()) {
      throw new NotThereException("number", "There is no plan " + number + ".");
    }
    LeafChoices.Choice choice = proposal.choices().get(number - 1);
    LeafPlanning.Plan plan = choice.plan();
    AlbumModel with = proposal.with(choice);
    List<Leaf> added = LeafProposal.added(with, plan);
    List<Change> changes = new ArrayList<>();
    for (Leaf leaf : proposal.goes()) {
      changes.addAll(LeafEdits.emptied(album, leaf.slots()));
      changes.add(new Change.OfLeaf(leaf.key(), album.state(leaf), null));
    }
    proposal
        .filled()
        .forEach(
            (slot, photo) ->
                changes.add(
                    new Change.OfHolding(
                        slot,
                        album.holding(slot).orElse(null),
                        AlbumPlacing.placed(album, album.slot(slot).orElseThrow(), photo))));
    for (Leaf leaf : added) {
      changes.add(new Change.OfLeaf(leaf.key(), null, with.state(leaf)));
      for (Slot slot : leaf.slots()) {
        Holding held = with.held(slot);
        if (held != null) {
          changes.add(new Change.OfHolding(slot.id(), null, held));
        }
      }
    }
    List<Integer> order = with.leaves().leaves().stream().map(Leaf::key).toList();
    changes.add(new Change.OfOrder(album.leaves().keys(), order));
    history.step(
        seen,
        added.isEmpty()
            ? "fill empty places"
            : "lay " + Words.counted(added.size(), "proposed leaf", "proposed leaves"),
        changes);
  }
}
