export type FieldKind =
  | "length"
  | "count"
  | "number"
  | "flag"
  | "choice"
  | "text"
  | "boxes"
  | "photos"
  | "slots"
  | "flaps"
  | "letters";

export interface Field {
  /** Where it goes in the question, as `insert.w`. */
  path: string;
  label: string;
  kind: FieldKind;
  /** What it is at first, as an example that works. */
  start: string;
  choices?: string[];
  /** The field and what it must be for this one to be asked. */
  when?: { path: string; is: string };
  /** What leaving it empty means. */
  empty?: string;
  /** Whether it is written on several lines. */
  tall?: boolean;
}

export type ResultKind =
  | "length"
  | "size"
  | "lengths"
  | "sizes"
  | "count"
  | "share"
  | "number"
  | "word"
  | "placements"
  | "names"
  | "sentences"
  | "place"
  | "yes";

export interface Result {
  path: string;
  label: string;
  kind: ResultKind;
  /** The field without which there is nothing to say. */
  of?: string;
  /** The part of the answer that, where it is yes, leaves nothing to say. */
  unless?: string;
}

export interface SumDefinition {
  name: string;
  title: string;
  /** What it answers, as the maker would ask it. */
  asks: string;
  fields: Field[];
  /** The first is set large. */
  results: Result[];
}

function size(path: string, label: string, w: string, h: string): Field[] {
  return [
    { path: `${path}.w`, label: `${label}, width`, kind: "length", start: w },
    { path: `${path}.h`, label: `${label}, height`, kind: "length", start: h },
  ];
}

function pixels(path: string, label: string, w: string, h: string): Field[] {
  return [
    { path: `${path}.w`, label: `${label}, pixels across`, kind: "count", start: w },
    { path: `${path}.h`, label: `${label}, pixels down`, kind: "count", start: h },
  ];
}

const GAP: Field = { path: "gap", label: "Gap", kind: "length", start: "1/8" };

/** The stand-alone calculators as the page asks them and shows their answers. */
export const SUMS: SumDefinition[] = [
  {
    name: "fit",
    title: "Fit",
    asks: "Does it go in, and what must come off?",
    fields: [
      ...size("insert", "Insert", "3", "4"),
      ...size("opening", "Opening", "2 31/32", "4 1/16"),
      { path: "mayTurn", label: "It may be turned", kind: "flag", start: "true" },
    ],
    results: [
      { path: "trimTo", label: "trim to", kind: "size" },
      { path: "verdict", label: "Verdict", kind: "word" },
      { path: "play", label: "Play", kind: "size" },
      { path: "trim", label: "Comes off", kind: "size" },
      { path: "turned", label: "Turned", kind: "yes" },
      { path: "backing", label: "Backing", kind: "size" },
      { path: "reveal", label: "Backing shows, a side", kind: "size" },
    ],
  },
  {
    name: "row",
    title: "Row",
    asks: "How large are equal pieces in a row, and where do they start?",
    fields: [
      { path: "span", label: "Span", kind: "length", start: "6" },
      { path: "pieces", label: "Pieces", kind: "count", start: "3" },
      { ...GAP, empty: "give the piece instead" },
      { path: "piece", label: "Piece", kind: "length", start: "", empty: "give the gap instead" },
      { path: "outerGaps", label: "Gaps at both ends too", kind: "flag", start: "false" },
    ],
    results: [
      { path: "cut", label: "cut", kind: "length" },
      { path: "piece", label: "Piece, exact", kind: "length" },
      { path: "gap", label: "Gap then", kind: "length" },
      { path: "starts", label: "Starts at", kind: "lengths" },
    ],
  },
  {
    name: "grid",
    title: "Grid",
    asks: "How large is a grid of cells, and does it fit the page?",
    fields: [
      { path: "columns", label: "Columns", kind: "count", start: "3" },
      { path: "rows", label: "Rows", kind: "count", start: "3" },
      ...size("cell", "Cell", "2 1/2", "2 1/2"),
      { ...GAP, start: "1/4" },
      { path: "border", label: "Border", kind: "length", start: "1/4", empty: "none" },
      ...size("page", "Page", "12", "12"),
    ],
    results: [
      { path: "size", label: "the whole", kind: "size" },
      { path: "fits", label: "Fits the page", kind: "yes" },
      { path: "overBy", label: "Too large by", kind: "size", unless: "fits" },
      { path: "margins.left", label: "Margin left and right", kind: "length" },
      { path: "margins.top", label: "Margin top and foot", kind: "length" },
    ],
  },
  {
    name: "block",
    title: "Block",
    asks: "What goes under a wide photo that stands beside an upright one?",
    fields: [
      ...size("upright", "Upright", "4", "6"),
      ...size("wide", "Wide", "6", "4"),
      { path: "pieces", label: "Pieces", kind: "count", start: "3" },
      GAP,
    ],
    results: [
      { path: "oblong", label: "slight oblongs", kind: "size" },
      { path: "square.side", label: "Or squares of", kind: "length" },
      { path: "square.widthLeft", label: "They leave in the width", kind: "length" },
      { path: "square.heightLeft", label: "They leave in the height", kind: "length" },
    ],
  },
  {
    name: "crop",
    title: "Crop",
    asks: "How much of a picture does a print show, and how sharp?",
    fields: [
      ...pixels("pixels", "Picture", "4000", "3000"),
      ...size("print", "Print", "6", "4"),
      { path: "mayTurn", label: "It may be turned", kind: "flag", start: "false" },
    ],
    results: [
      { path: "keptShare", label: "of the picture is kept", kind: "share" },
      { path: "resolution", label: "Resolution", kind: "word" },
      { path: "ppi", label: "Pixels to the inch", kind: "number" },
      { path: "turned", label: "Turned", kind: "yes" },
    ],
  },
  {
    name: "lines",
    title: "Lines",
    asks: "How many words go onto a card by hand?",
    fields: [
      ...size("card", "Card", "3", "4"),
      { path: "heading", label: "Heading", kind: "length", start: "", empty: "none" },
      { path: "margin", label: "Margin", kind: "length", start: "1/8", empty: "as usual" },
      {
        path: "pitch",
        label: "From line to line",
        kind: "length",
        start: "1/4",
        empty: "as usual",
      },
      {
        path: "letter",
        label: "Letter, mean width",
        kind: "length",
        start: "1/8",
        empty: "as usual",
      },
      {
        path: "text",
        label: "The words",
        kind: "text",
        start: "",
        empty: "only count",
        tall: true,
      },
    ],
    results: [
      { path: "lines", label: "lines", kind: "count" },
      { path: "lettersPerLine", label: "Letters a line", kind: "count" },
      { path: "words", label: "Words", kind: "count" },
      { path: "needed", label: "Lines the words need", kind: "count" },
      { path: "fits", label: "They fit", kind: "yes" },
    ],
  },
  {
    name: "title",
    title: "Title",
    asks: "How long is a title, where does each letter start, and are there enough?",
    fields: [
      { path: "text", label: "Title", kind: "text", start: "KITE MEET" },
      { path: "height", label: "Letters, height", kind: "length", start: "1" },
      { path: "width", label: "Letters, mean width", kind: "length", start: "3/4" },
      {
        path: "letters",
        label: "Widths of single letters, as I 1/4, M 1 1/8",
        kind: "letters",
        start: "I 1/4, M 1 1/8",
        empty: "all as the mean",
      },
      { path: "spacing", label: "Between letters", kind: "length", start: "1/16" },
      { path: "space", label: "Room for it", kind: "length", start: "6" },
      {
        path: "stock",
        label: "Letters in stock, as E 2, T 3",
        kind: "letters",
        start: "",
        empty: "not counted",
      },
      { path: "stacked", label: "Stacked, one below the other", kind: "flag", start: "false" },
    ],
    results: [
      { path: "length", label: "long", kind: "length" },
      { path: "fits", label: "Fits", kind: "yes" },
      { path: "overBy", label: "Too long by", kind: "length" },
      { path: "starts", label: "Starts at", kind: "lengths" },
      { path: "fromEnd", label: "Starts, set from the end", kind: "lengths" },
      { path: "missing", label: "Letters missing", kind: "word", of: "stock" },
    ],
  },
  {
    name: "visible",
    title: "Visible",
    asks: "How little of a sheet need be cut, when other things lie on it?",
    fields: [
      { path: "piece.x", label: "Sheet, from the left", kind: "length", start: "0" },
      { path: "piece.y", label: "Sheet, from the top", kind: "length", start: "0" },
      ...size("piece", "Sheet", "8", "10"),
      {
        path: "covers",
        label: "What lies on it, one a line: left, top, width, height",
        kind: "boxes",
        start: "1, 1, 6, 8",
      },
      { path: "tuck", label: "Tucked under", kind: "length", start: "1/4", empty: "as usual" },
    ],
    results: [
      { path: "saved", label: "of the sheet is saved", kind: "share" },
      { path: "strips", label: "Strips to cut", kind: "sizes" },
    ],
  },
  {
    name: "place",
    title: "Place",
    asks: "Which photo goes into which place?",
    fields: [
      {
        path: "photos",
        label: "Photos in time order, one a line: name, width and height in pixels",
        kind: "photos",
        start: "tents, 6000, 4000\nkite, 4000, 6000\ncrowd, 6000, 4000",
      },
      {
        path: "slots",
        label: "Places in reading order, one a line: name, width, height",
        kind: "slots",
        start: "top, 6, 4\nleft, 3, 4\nright, 3, 4\nfoot, 6, 4",
      },
      {
        path: "order",
        label: "Order",
        kind: "choice",
        start: "story",
        choices: ["story", "free"],
      },
    ],
    results: [
      { path: "placements.length", label: "placed", kind: "count" },
      { path: "placements", label: "Who goes where", kind: "placements" },
      { path: "unplaced", label: "Left out", kind: "names" },
      { path: "empty", label: "Empty", kind: "names" },
    ],
  },
  {
    name: "flaps",
    title: "Flaps",
    asks: "Where do flaps open to, and which are in each other's way?",
    fields: [
      ...size("spread", "Spread", "24", "12"),
      {
        path: "gutter",
        label: "Gutter, from the left",
        kind: "length",
        start: "12",
        empty: "none",
      },
      {
        path: "flaps",
        label:
          "Flaps, one a line: name, left, top, width, height, hinge; then perhaps page, on another, or fixed to another",
        kind: "flaps",
        start: "a, 3, 4, 4, 6, top\nb, 3, 10, 4, 2, left\nc, 3, 4, 4, 6, right, fixed to a",
      },
    ],
    results: [
      { path: "clashes.length", label: "in each other's way", kind: "count" },
      { path: "opens", label: "Open", kind: "sentences" },
      { path: "minds", label: "Mind", kind: "sentences" },
    ],
  },
  {
    name: "chain",
    title: "Chain",
    asks: "How far does a chain of sleeves pull out, and where is each hinged?",
    fields: [
      ...size("sleeve", "Sleeve", "3", "4"),
      { path: "links", label: "Sleeves", kind: "count", start: "3" },
      {
        path: "first",
        label: "The lowest is hinged at the",
        kind: "choice",
        start: "left",
        choices: ["left", "right"],
      },
    ],
    results: [
      { path: "reach", label: "pulled out", kind: "length" },
      { path: "hinges", label: "Hinged at, the lowest first", kind: "names" },
    ],
  },
  {
    name: "waterfall",
    title: "Waterfall",
    asks: "How many cards go over a run, or how long a run do they need?",
    fields: [
      ...size("card", "Card", "4", "3"),
      { path: "step", label: "Step", kind: "length", start: "3/4" },
      { path: "count", label: "Cards", kind: "count", start: "4", empty: "give the run instead" },
      { path: "run", label: "Run", kind: "length", start: "", empty: "give the cards instead" },
    ],
    results: [
      { path: "count", label: "cards", kind: "count" },
      { path: "run", label: "They run over", kind: "length" },
      { path: "starts", label: "Each starts, from the free end", kind: "lengths" },
      { path: "visible", label: "Shows of each, the lowest first", kind: "lengths" },
      { path: "warning", label: "Mind", kind: "word" },
    ],
  },
  {
    name: "accordion",
    title: "Accordion",
    asks: "How is an accordion cut, scored and joined, and how are its faces read?",
    fields: [
      ...size("photo", "Photo", "4", "6"),
      { path: "mat", label: "Mat, a side", kind: "length", start: "1/8", empty: "as usual" },
      { path: "faces", label: "Faces", kind: "count", start: "7" },
      ...size("sheet", "Sheet", "12", "12"),
      { path: "overlap", label: "Tab, at least", kind: "length", start: "", empty: "as usual" },
      {
        path: "folds",
        label: "Folds",
        kind: "choice",
        start: "upright",
        choices: ["upright", "level"],
      },
      {
        path: "half",
        label: "Half of the page (level: left is the top)",
        kind: "choice",
        start: "right",
        choices: ["right", "left"],
      },
    ],
    results: [
      { path: "panels", label: "panels", kind: "count" },
      { path: "panel", label: "Panel", kind: "size" },
      { path: "faces", label: "Faces", kind: "count" },
      { path: "sheets", label: "Sheets", kind: "count" },
      { path: "strip", label: "Strip, full", kind: "size" },
      { path: "panelsPerStrip", label: "Panels on each strip", kind: "names" },
      { path: "scores.0", label: "Score a strip at, from its free end", kind: "lengths" },
      { path: "joinTab", label: "Tab between strips", kind: "length" },
      { path: "anchorTab", label: "Tab to the page", kind: "length" },
      { path: "besideMat.size", label: "Mat of the photo beside it", kind: "size" },
      { path: "besideMat.fits", label: "That comes from the off-cut", kind: "yes" },
      { path: "leafing", label: "Leafed: panel and side, left to right", kind: "sentences" },
      { path: "pulledOut", label: "Pulled out flat", kind: "length" },
      { path: "thickness", label: "Folded, all faces filled", kind: "length" },
    ],
  },
  {
    name: "foldout",
    title: "Fold-out",
    asks: "Is a sheet enough for a page with a flap, and what must be added?",
    fields: [
      ...size("page", "Page", "5", "8 3/8"),
      { path: "flap", label: "Flap, width", kind: "length", start: "4 1/4" },
      ...size("sheet", "Sheet", "12", "12"),
      { path: "taken", label: "Cut from its width already", kind: "length", start: "5" },
    ],
    results: [
      { path: "basePart", label: "of the page in one piece with the flap", kind: "length" },
      { path: "onePiece", label: "All in one piece", kind: "yes" },
      { path: "shortBy", label: "Missing", kind: "length", unless: "onePiece" },
      { path: "extension", label: "Extension", kind: "size" },
      {
        path: "extensionFromOffcut",
        label: "It comes from the off-cut",
        kind: "yes",
        unless: "onePiece",
      },
      { path: "score", label: "Score, from the flap's edge", kind: "length" },
      { path: "opened", label: "Opened", kind: "length" },
      { path: "clearsBinding", label: "The flap clears the binding", kind: "yes" },
    ],
  },
  {
    name: "doors",
    title: "Doors",
    asks: "How large are the leaves of a door, and where do they come down?",
    fields: [
      { path: "span.x", label: "Hole, from the left", kind: "length", start: "3" },
      { path: "span.y", label: "Hole, from the top", kind: "length", start: "2" },
      ...size("span", "Hole with its gaps", "6 1/4", "4"),
      {
        path: "kind",
        label: "Door",
        kind: "choice",
        start: "double",
        choices: ["single", "double"],
      },
      {
        path: "opens",
        label: "Opens to the",
        kind: "choice",
        start: "left",
        choices: ["left", "right", "up", "down"],
        when: { path: "kind", is: "single" },
      },
    ],
    results: [
      { path: "leaves.0.size", label: "a leaf", kind: "size" },
      { path: "leaves.0.open", label: "Open, it lies at", kind: "place" },
      { path: "leaves.1.size", label: "The other", kind: "size" },
      { path: "leaves.1.open", label: "Open, that lies at", kind: "place" },
    ],
  },
  {
    name: "pocket",
    title: "Pull-out",
    asks: "How wide is the pocket of a folded pull-out?",
    fields: [
      ...size("insert", "Folded", "3", "4"),
      { path: "pages", label: "Layers", kind: "count", start: "6" },
      { path: "card", label: "Card, thickness", kind: "length", start: "", empty: "as usual" },
      { path: "play", label: "Play, a side", kind: "length", start: "", empty: "as usual" },
    ],
    results: [
      { path: "flatWidth", label: "wide, lying flat", kind: "length" },
      { path: "thickness", label: "Thick, without its folds", kind: "length" },
    ],
  },
  {
    name: "tuck",
    title: "Tuck spot",
    asks: "Does a card tuck behind a photo, and where is its stop?",
    fields: [
      ...size("photo", "Photo", "4", "6"),
      ...size("card", "Card", "3", "4"),
      { path: "visible", label: "Shows of the card", kind: "length", start: "1" },
      { path: "rail.w", label: "Tape, width", kind: "length", start: "1/4" },
      { path: "rail.thickness", label: "Tape, thickness", kind: "length", start: ".004" },
      { path: "play", label: "Play, a side", kind: "length", start: "", empty: "as usual" },
      {
        path: "cardThickness",
        label: "Card, thickness",
        kind: "length",
        start: "",
        empty: "as usual",
      },
    ],
    results: [
      { path: "stopBelowTop", label: "from the top edge to the stop", kind: "length" },
      { path: "fits", label: "It fits", kind: "yes" },
      { path: "trimCardTo", label: "Trim the card's width to", kind: "length" },
      { path: "stopFits", label: "The stop is covered", kind: "yes" },
      { path: "layers", label: "Layers of tape", kind: "count" },
    ],
  },
  {
    name: "paper",
    title: "Paper",
    asks: "How heavy is paper in grams, and in pounds?",
    fields: [
      {
        path: "basis",
        label: "Kind",
        kind: "choice",
        start: "cover",
        choices: ["cover", "text", "bond", "index"],
      },
      {
        path: "pounds",
        label: "Pounds",
        kind: "number",
        start: "80",
        empty: "give the grams instead",
      },
      {
        path: "gsm",
        label: "Grams a square metre",
        kind: "number",
        start: "",
        empty: "give the pounds instead",
      },
    ],
    results: [
      { path: "gsm", label: "g/m²", kind: "number" },
      { path: "pounds", label: "Pounds", kind: "number" },
    ],
  },
];
