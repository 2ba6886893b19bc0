package drumnest.server.shelf;

import drumnest.core.album.AlbumModel;
import drumnest.core.measure.Length;
import drumnest.core.measure.Size;
import drumnest.core.stock.Catalogue;
import drumnest.core.stock.CatalogueItem;
import drumnest.core.stock.LeafType;
import drumnest.core.stock.PocketPattern;
import drumnest.core.stock.Ruling;
import drumnest.server.FieldProblemException;
import drumnest.server.NotThereException;
import drumnest.server.UnprocessableException;
import drumnest.server.album.OpenAlbums;
import drumnest.server.document.PageTemplate;
import drumnest.server.document.SheetPaper;
import drumnest.server.frame.Views;
import drumnest.server.http.Attachment;
import drumnest.server.leaves.LeafEdits;
import drumnest.server.leaves.LeafViews;
import drumnest.server.stock.LengthReader;
import drumnest.server.stock.RulesInForce;
import drumnest.server.stock.Shelf;
import drumnest.server.stock.WrittenItem;
import drumnest.server.store.TypeOpeningEntity;
import drumnest.server.store.TypeOpenings;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue: what is on it, own entries, the pattern builder, the file. */
@RestController
@RequestMapping("/api/catalogue")
class ShelfController {

  private final Shelf shelf;
  private final CatalogueFile file;
  private final LeafEdits leafEdits;
  private final RulesInForce rules;
  private final TypeOpenings openings;
  private final OpenAlbums albums;

  ShelfController(
      Shelf shelf,
      CatalogueFile file,
      LeafEdits leafEdits,
      RulesInForce rules,
      TypeOpenings openings,
      OpenAlbums albums) {
    this.shelf = shelf;
    this.file = file;
    this.leafEdits = leafEdits;
    this.rules = rules;
    this.openings = openings;
    this.albums = albums;
  }

  @GetMapping
  ShelfViews.CatalogueView catalogue() {
    Map<String, Integer> used = new TreeMap<>();
    for (AlbumModel album : albums.all()) {
      album.leafStates().values().forEach(leaf -> used.merge(leaf.type(), 1, Integer::sum));
      if (album.format() != null) {
        used.merge(album.format(), 1, Integer::sum);
      }
    }
    Map<String, Size> measured = measured(openings.findAll());
    return new ShelfViews.CatalogueView(
        shelf.all().stream()
            .map(
                entry ->
                    ShelfViews.entry(
                        entry,
                        used.getOrDefault(entry.key(), 0),
                        (key, face, pocket) -> measured.get(place(key, face, pocket))))
            .toList());
  }

  private static Map<String, Size> measured(List<TypeOpeningEntity> entities) {
    Map<String, Size> measured = new TreeMap<>();
    entities.forEach(
        each -> measured.put(place(each.itemKey(), each.face(), each.pocket()), each.size()));
    return measured;
  }

  private static String place(String key, String face, int pocket) {
    return key + " " + face + " " + pocket;
  }

  @PostMapping
  ShelfViews.CatalogueView add(@RequestBody WrittenItem form) {
    shelf.add(form.read(LengthReader.inUse()));
    return catalogue();
  }

  @PostMapping("/{key}")
  ShelfViews.CatalogueView change(@PathVariable("key") String key, @RequestBody WrittenItem form) {
    Shelf.Entry entry = entry(key);
    CatalogueItem item = form.read(LengthReader.inUse());
    requireFree(entry, item);
    shelf.change(key, item);
    return catalogue();
  }

  /** The pockets of leaves that are in an album stay what they are. */
  private void requireFree(Shelf.Entry entry, CatalogueItem next) {
    if (entry.item() instanceof LeafType before
        && next instanceof LeafType after
        && !new LeafType(
                after.name(),
                before.size(),
                before.pattern(),
                before.shared(),
                before.keepFree(),
                before.binding())
            .equals(after)
        && albums.all().stream()
            .flatMap(album -> album.leafStates().values().stream())
            .anyMatch(leaf -> leaf.type().equals(entry.key()))) {
      throw new UnprocessableException(
          "w",
          "Leaves of this kind are in an album already, so their size and pockets stay. Its name"
              + " can change; for other pockets add another kind.");
    }
  }

  /** Says how many of an entry there are. */
  @PostMapping("/{key}/owned")
  ShelfViews.CatalogueView own(
      @PathVariable("key") String key, @Valid @RequestBody ShelfRequests.Owned request) {
    shelf.count(entry(key).key(), request.owned());
    return catalogue();
  }

  /** Puts an entry back to what the catalogue began with. */
  @PostMapping("/{key}/back")
  ShelfViews.CatalogueView putBack(@PathVariable("key") String key) {
    Shelf.Entry entry = entry(key);
    Catalogue.Entry began = Catalogue.beginning().get(key);
    if (began == null) {
      throw new UnprocessableException(
          "key", "This entry is your own: there is nothing to put back.");
    }
    requireFree(entry, began.item());
    shelf.change(key, began.item());
    return catalogue();
  }

  /** Takes an entry off the shelf; what that loses must be known. */
  @PostMapping("/{key}/remove")
  ShelfViews.CatalogueView remove(
      @PathVariable("key") String key, @Valid @RequestBody ShelfRequests.Confirmation request) {
    leafEdits.takeOffShelf(key, Boolean.TRUE.equals(request.confirmed()));
    return catalogue();
  }

  /** Puts an entry on the shelf again. */
  @PostMapping("/{key}/restore")
  ShelfViews.CatalogueView restore(@PathVariable("key") String key) {
    entry(key);
    shelf.setGone(key, false);
    return catalogue();
  }

  @Hidden
  @GetMapping("/file.json")
  ResponseEntity<byte[]> export() {
    byte[] content =
        file.write(
            shelf.all().stream().filter(entry -> !entry.gone()).map(Shelf.Entry::item).toList());
    return Attachment.of("catalogue.json", MediaType.APPLICATION_JSON, content);
  }

  /** Adds what a file has and the shelf has not; refused whole where anything of it is wrong. */
  @PostMapping(value = "/import", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ShelfViews.ImportView take(@Parameter(hidden = true) InputStream body) throws IOException {
    List<CatalogueItem> items = file.read(body);
    int added = shelf.addNew(items);
    return new ShelfViews.ImportView(added, items.size() - added);
  }

  /** Tells what comes of ruling a protector; nothing is changed. */
  @PostMapping("/ruling")
  ShelfViews.RuledView rule(@Valid @RequestBody ShelfRequests.RulingForm form) {
    return ShelfViews.ruled(ruling(form));
  }

  /** Keeps a ruled protector as a kind of leaf. */
  @PostMapping("/ruled")
  ShelfViews.CatalogueView keep(@Valid @RequestBody ShelfRequests.RulingForm form) {
    Ruling ruling = ruling(form);
    if (!ruling.isWhole()) {
      throw new FieldProblemException("part", "Some parts do not fit yet.");
    }
    PocketPattern pattern = ruling.pattern();
    String name = form.name() == null ? "" : form.name().strip();
    if (name.isEmpty() || name.length() > 120) {
      throw new FieldProblemException("name", "A name has 1 to 120 letters.");
    }
    shelf.add(
        new LeafType(
            name, ruling.inside(), pattern, !Boolean.FALSE.equals(form.shared()), Length.ZERO));
    return catalogue();
  }

  private Ruling ruling(ShelfRequests.RulingForm form) {
    LengthReader lengths = LengthReader.inUse();
    return Ruling.of(
        lengths.size("w", form.w(), "h", form.h()),
        form.part().toPart(lengths.within("part"), 0),
        rules.rules());
  }

  /** A kind of leaf from both sides, with what was measured of its pockets. */
  @GetMapping("/{key}/pattern")
  ShelfViews.PatternView pattern(@PathVariable("key") String key) {
    LeafType type = leafType(key);
    Map<String, Size> measured = measured(openings.findByItemKeyIn(List.of(key)));
    PocketPattern front = pockets(type);
    PocketPattern back = front.mirrored();
    return new ShelfViews.PatternView(
        key,
        type.name(),
        Views.SizeView.of(type.size()),
        type.shared(),
        ShelfViews.pockets(front, number -> measured.get(place(key, "front", number))),
        ShelfViews.pockets(
            back,
            number ->
                type.shared()
                    ? measured.get(place(key, "front", back.otherSide(number - 1) + 1))
                    : measured.get(place(key, "back", number))));
  }

  /** Measures the opening of a pocket on a kind of leaf; it holds for all leaves of that kind. */
  @PostMapping("/{key}/opening")
  ShelfViews.PatternView measure(
      @PathVariable("key") String key, @Valid @RequestBody ShelfRequests.Openings request) {
    LeafType type = leafType(key);
    PocketPattern front = pockets(type);
    String face = request.face();
    int pocket = request.pocket();
    if (!face.equals("front") && !face.equals("back")) {
      throw new FieldProblemException("face", "A face is front or back.");
    }
    if (pocket < 1 || pocket > front.pockets().size()) {
      throw new FieldProblemException(
          "pocket", "Pockets are numbered from 1 to " + front.pockets().size() + ".");
    }
    if (type.shared() && face.equals("back")) {
      face = "front";
      pocket = front.mirrored().otherSide(pocket - 1) + 1;
    }
    @Nullable Size size = request.opening().toSize("opening.");
    shelf.measure(key, face, pocket, size);
    return pattern(key);
  }

  @Hidden
  @GetMapping("/{key}/template.pdf")
  ResponseEntity<byte[]> template(
      @PathVariable("key") String key,
      @RequestParam(name = "paper", defaultValue = "whole") String paper)
      throws IOException {
    LeafType type = leafType(key);
    return Attachment.of(
        "leaf-template.pdf",
        MediaType.APPLICATION_PDF,
        PageTemplate.of(type.name(), LeafViews.template(type), SheetPaper.of(paper)));
  }

  private Shelf.Entry entry(String key) {
    return shelf
        .find(key)
        .orElseThrow(() -> new NotThereException("key", "There is no entry “" + key + "”."));
  }

  private LeafType leafType(String key) {
    if (entry(key).item() instanceof LeafType type) {
      return type;
    }
    throw new NotThereException("key", "“" + key + "” is no kind of leaf.");
  }

  private static PocketPattern pockets(LeafType type) {
    PocketPattern pattern = type.pattern();
    if (pattern == null) {
      throw new UnprocessableException("key", "This kind of leaf has no pockets.");
    }
    return pattern;
  }
}
