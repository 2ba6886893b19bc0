package drumnest.core.stock;

import drumnest.core.measure.Length;

/**
 * Every threshold, allowance and default of the trade that is no published standard, by name. The
 * constants say what a rule means, what it is until the maker changes it, and between what it may
 * lie; the values in force are those of {@link HouseRules}. Lengths are given in 64ths of an inch,
 * thicknesses in thousandths.
 */
public enum HouseRule {
  TRIMMER_MARK(
      Group.CUTTING,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(4),
      sixtyFourths(1),
      sixtyFourths(16),
      "Mark of the trimmer",
      "The finest mark your trimmer or ruler shows. What must go into something is cut at the mark below, what must cover something at the mark above.",
      "every size to cut to"),

  TRIM_CLEARANCE(
      Group.FIT,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Clearance when trimming",
      "How much smaller than its opening a piece is cut that was too big for it.",
      "trim sizes, backing cards"),

  TIGHT_BELOW(
      Group.FIT,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(2),
      sixtyFourths(0),
      sixtyFourths(64),
      "Tight below",
      "With less play than this on an axis an insert is tight.",
      "the verdict of every pocket"),

  LOOSE_ABOVE(
      Group.FIT,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Loose above",
      "With more play than this on an axis an insert is loose and shifts.",
      "the verdict of every pocket"),

  POCKET_EASE(
      Group.FIT,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Ease of a usual pocket",
      "What a pocket that nobody has measured is wider and higher than its name.",
      "pockets that are not measured"),

  RULED_EASE(
      Group.FIT,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(64),
      "Ease when ruling a protector",
      "What is added to a print, each way, for the pocket that is ruled for it.",
      "the pattern builder"),

  EDGE_FROM(
      Group.FIT,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Even edge from",
      "The thinnest edge of a backing that looks intended.",
      "what is said of a backing"),

  EDGE_TO(
      Group.FIT,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Even edge up to",
      "The widest edge of a backing that looks intended.",
      "what is said of a backing"),

  BULGES_ABOVE(
      Group.FIT,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(128),
      "Bulges above",
      "A thing thicker than this makes a pocket bulge.",
      "keepsakes in pockets"),

  FINE_PPI(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PPI,
      300,
      1,
      2400,
      "Fine from",
      "Pixels to a printed inch from which a print is fine.",
      "what is said of sharpness, and where photos are placed"),

  GOOD_PPI(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PPI,
      200,
      1,
      2400,
      "Good from",
      "Pixels to a printed inch from which a print is good.",
      "what is said of sharpness, and where photos are placed"),

  SOFT_PPI(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PPI,
      150,
      1,
      2400,
      "Soft from",
      "Pixels to a printed inch from which a print is soft; below it is poor.",
      "what is said of sharpness, and where photos are placed"),

  LABORATORY_TRIM(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(64),
      "Laboratories trim",
      "How far from the edge of a borderless print what matters is kept.",
      "what is said of a keep box near the edge"),

  CHAPTER_GAP_HOURS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.HOURS,
      2,
      1,
      720,
      "A chapter begins after",
      "Hours without a picture after which a new chapter of the line begins.",
      "chapters on the line"),

  CHAPTER_PHOTOS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PHOTOS,
      6,
      1,
      100,
      "A chapter is worth a page from",
      "Photos a chapter needs to be worth a page of its own. Smaller ones join a neighbour.",
      "chapters on the line and proposed leaves"),

  BURST_MINUTES(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.MINUTES,
      2,
      0,
      1440,
      "Shots of one moment",
      "Minutes within which two pictures can be shots of one moment.",
      "lookalikes on the line"),

  LOOKALIKE_BITS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.BITS,
      10,
      0,
      64,
      "Alike up to",
      "Differing bits of two 64-bit picture fingerprints up to which the pictures look alike.",
      "lookalikes on the line"),

  LOOKALIKE_COLOUR(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.COLOUR,
      25,
      0,
      100,
      "Alike in colour up to",
      "Difference of the mean colours of two pictures up to which they look alike.",
      "lookalikes on the line"),

  LOOKALIKE_SHARE(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      70,
      0,
      100,
      "Alike, the camera moved a little, from",
      "How much the details of two pictures that follow each other agree, one moved and turned over the other, from which on they look alike.",
      "lookalikes on the line"),

  MOVED_SHARE(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      50,
      0,
      100,
      "Moved out of the way, a photo keeps at least",
      "Share of a picture that is seen in the place to which it could go from under a strip or a band, unless less of it is seen now.",
      "the ways out that a ticket offers"),

  QUIET_LEAST(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Length.ofInches(0, 1, 2),
      Length.ZERO,
      Length.ofInches(12),
      "A quiet part is at least",
      "How wide and high a part of a print without detail is at least to be offered for a clip or words.",
      "what the ticket of a place says"),

  WHOLE_EDGE(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Length.ofInches(0, 1, 4),
      Length.ZERO,
      Length.ofInches(3),
      "Edge of a card",
      "How much of its card shows at least on each side of a picture that is shown small and whole.",
      "pictures shown whole on a card"),

  COVER_OVERLAP(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Length.ofInches(0, 1, 16),
      Length.ZERO,
      Length.ofInches(1),
      "A cover is larger by",
      "On each side, a card or clip that covers what must not be seen is larger than it by this.",
      "covers on the ticket of a place"),

  SMALLEST_PRINT(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Length.ofInches(2),
      Length.ZERO,
      Length.ofInches(12),
      "Enough pixels for",
      "A photo whose shorter side would be poor at this length has too few pixels, and is placed last.",
      "what is placed last"),

  COPY_BITS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.BITS,
      4,
      0,
      64,
      "A copy up to",
      "Differing bits of the fingerprints up to which a picture without a date is taken for a copy of another.",
      "lookalikes on the line"),

  ALTERNATE_MINUTES(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.MINUTES,
      10,
      0,
      1440,
      "Two versions within",
      "Minutes within which an upright and a wide picture can be two versions of one subject.",
      "alternates on the line"),

  ALTERNATE_BITS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.BITS,
      18,
      0,
      64,
      "Two versions up to",
      "Differing bits of the fingerprints of their middles up to which an upright and a wide picture show one subject.",
      "alternates on the line"),

  ALTERNATE_COLOUR(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.COLOUR,
      12,
      0,
      100,
      "Two versions in colour up to",
      "Difference of the mean colours up to which an upright and a wide picture show one subject.",
      "alternates on the line"),

  DARK_BELOW(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      16,
      0,
      100,
      "Dark below",
      "Mean brightness, of white, below which a picture is called dark.",
      "dark marks on the line"),

  MUCH_TOO_DARK_BELOW(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      8,
      0,
      100,
      "Much too dark below",
      "Mean brightness, of white, below which a picture is much too dark, and placed last.",
      "what is placed last"),

  PALE_ABOVE(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      86,
      0,
      100,
      "Pale above",
      "Mean brightness, of white, above which a picture is called pale.",
      "pale marks on the line"),

  SUBJECT_DETAIL(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      150,
      100,
      1000,
      "Detail of a subject",
      "How much of a picture's mean detail a place in it has where the subject is.",
      "the keep box that is proposed"),

  HAIR_ABOVE_FACE(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      60,
      0,
      200,
      "Hair above a face",
      "How much room above a face belongs to the head, of the height of the face.",
      "what a crop keeps whole"),

  AIR_ROUND_FACE(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      20,
      0,
      100,
      "Air beside a face",
      "How much room beside and below a face belongs to the head, of the height of the face.",
      "what a crop keeps whole"),

  QUIET_BELOW(
      Group.PICTURE,
      Provenance.FROM_MEMORY,
      Unit.SPREAD,
      4,
      0,
      255,
      "Quiet up to",
      "Detail up to which a place in a picture is quiet, so that something may be stuck there.",
      "the quiet area of a picture"),

  REPEAT_BITS(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.BITS,
      16,
      0,
      64,
      "A subject again up to",
      "Differing bits of the fingerprints up to which a picture repeats a subject of its chapter, whenever it was taken.",
      "what is suggested to drop first"),

  BLURRED_BELOW(
      Group.LINE,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      50,
      0,
      100,
      "Blurred below",
      "Sharpness at the subject below which a photo is called blurred; higher finds more of them.",
      "blurred marks on the line, and what is placed last"),

  BINDING_MARGIN(
      Group.PAGES,
      Provenance.FROM_MEMORY,
      sixtyFourths(48),
      sixtyFourths(0),
      sixtyFourths(192),
      "Free at the holes",
      "What a punched page keeps free along its binding edge; nothing may cover the holes.",
      "punched pages, fold-outs"),

  PUNCHED_STRIP(
      Group.PAGES,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(0),
      sixtyFourths(128),
      "Punched strip",
      "How wide the strip with the holes is, between a leaf's page and the rings; nothing where it"
          + " has none.",
      "what opens over the gutter"),

  SMALLEST_PART(
      Group.PAGES,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(64),
      sixtyFourths(16),
      sixtyFourths(256),
      "Smallest part",
      "The least that a part of a divided place measures across: what is smaller nobody looks at.",
      "divided places"),

  PAGE_MARGIN(
      Group.PAGES,
      Provenance.FROM_MEMORY,
      sixtyFourths(16),
      sixtyFourths(0),
      sixtyFourths(192),
      "Margin of a plain page",
      "What stays free along the edges of a plain page.",
      "how far a mount may move, and a warning where one reaches out"),

  MOUNT_GAP(
      Group.PAGES,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Gap between mounts",
      "The gap between pieces in a row, a grid or a block until you say another.",
      "new blocks on plain pages"),

  HAND_PITCH(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(16),
      sixtyFourths(4),
      sixtyFourths(128),
      "Lines by hand",
      "The distance of lines written by hand.",
      "how many lines a card holds"),

  HAND_LETTER(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(1),
      sixtyFourths(64),
      "Letter by hand",
      "The mean width of a letter written by hand.",
      "how many words a card holds"),

  CARD_MARGIN(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Margin of a card",
      "What stays free around the words on a card.",
      "how many lines and words a card holds"),

  SMALLEST_TYPE(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      Unit.POINTS,
      7,
      4,
      72,
      "Smallest type",
      "The smallest type that is printed, in points of 1/72 in.",
      "typed words on cards"),

  TYPE_SIZE(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      Unit.POINTS,
      10,
      4,
      72,
      "Size of type",
      "How large typed words are until you say another size, in points of 1/72 in.",
      "new cards, and cards by hand that would fit typed"),

  TYPE_LEADING(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      125,
      90,
      300,
      "Leading of type",
      "How far typed lines are apart, as a share of the size of their letters.",
      "how many typed lines a card holds"),

  HEADING_SIZE(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      140,
      100,
      400,
      "Size of a heading",
      "How large a typed heading is, as a share of the size of the words below it.",
      "what a heading takes from its card"),

  CLOSEST_LINES(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(12),
      sixtyFourths(4),
      sixtyFourths(64),
      "Closest lines by hand",
      "How close lines written by hand may be.",
      "what would make a card fit"),

  TITLE_MARGIN(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Margin of a title",
      "What stays free above and below the letters of a title.",
      "the border that a title needs"),

  TITLE_SHORT(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      50,
      0,
      100,
      "A title is short below",
      "A title that takes less than this share of its run looks lost on it.",
      "what is said of a title"),

  SHEET_MARGIN(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(24),
      sixtyFourths(8),
      sixtyFourths(128),
      "Margin of the printer",
      "What your printer leaves free around a sheet.",
      "how many cards go on a sheet"),

  SHEET_GAP(
      Group.WORDS,
      Provenance.FROM_MEMORY,
      sixtyFourths(16),
      sixtyFourths(0),
      sixtyFourths(64),
      "Gap between cards",
      "What stays free between cards that are printed on one sheet, for their cut marks.",
      "how many cards go on a sheet"),

  TUCK_UNDER(
      Group.PAPER,
      Provenance.FROM_MEMORY,
      sixtyFourths(16),
      sixtyFourths(0),
      sixtyFourths(128),
      "Tucked under",
      "How far a strip reaches under what covers it.",
      "paper cut only where it shows"),

  RESCUE_STRIP(
      Group.PAPER,
      Provenance.FROM_MEMORY,
      sixtyFourths(64),
      sixtyFourths(8),
      sixtyFourths(256),
      "Strip cut off a busy page",
      "What is cut off the pattern at top and foot to calm a busy page.",
      "advice on busy pages"),

  SLEEVE_SEAL(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Sealed edge of a sleeve",
      "What a sleeve is wider than its insert on each side.",
      "flaps"),

  ADHESIVE_STRIP(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(4),
      sixtyFourths(128),
      "Adhesive strip",
      "The strip along the hinge that holds a sleeve.",
      "flaps, waterfalls"),

  SLIT_HOLE(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(1),
      sixtyFourths(64),
      "Hole at a slit's end",
      "What is punched at each end of a slit, so that it does not run on.",
      "flaps through a slit"),

  SLIT_DISTANCE(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(0),
      sixtyFourths(128),
      "Distance of slits",
      "What slits keep from seams and from each other.",
      "flaps through a slit, waterfalls"),

  GLUE_OVERLAP(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(4),
      sixtyFourths(256),
      "Glue overlap of an accordion",
      "The least tab by which strips of an accordion are joined and anchored.",
      "accordions"),

  ACCORDION_MAT(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(0),
      sixtyFourths(128),
      "Mat of an accordion",
      "What shows of the panel around each photo of an accordion.",
      "accordions"),

  PANEL_TOLERANCE(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(2),
      sixtyFourths(0),
      sixtyFourths(16),
      "Panels equal within",
      "How far the panels of an accordion may differ.",
      "accordions"),

  WINDOW_CLEARANCE(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Window outside the stack",
      "How far outside the folded stack its window in the protector is drawn.",
      "accordions under a protector"),

  FOLDOUT_OVERLAP(
      Group.MOVERS,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(16),
      sixtyFourths(0),
      sixtyFourths(128),
      "Overlap of a fold-out",
      "What an extension of a fold-out lies under its joint.",
      "fold-outs"),

  PULLOUT_PLAY(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(4),
      sixtyFourths(0),
      sixtyFourths(64),
      "Play of a pull-out",
      "What a pull-out's pocket is wider than its insert, each side.",
      "pull-outs"),

  TUCK_PLAY(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(2),
      sixtyFourths(0),
      sixtyFourths(64),
      "Play of a tuck spot",
      "What a tucked card has to spare on each side.",
      "tuck spots"),

  TUCK_DEPTH(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(4),
      sixtyFourths(256),
      "Depth of a tuck",
      "How deep the part is that stays free of glue.",
      "tuck spots"),

  BAND_HEIGHT(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(64),
      sixtyFourths(16),
      sixtyFourths(384),
      "Height of a band across the gutter",
      "How high one is begun, where there is room for it between the places.",
      "bands"),

  BAND_OVERLAP(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(8),
      sixtyFourths(2),
      sixtyFourths(64),
      "Least overlap of a band beyond a leaf",
      "How much of its width is stuck to a narrow leaf where the pictures leave no more room.",
      "bands"),

  TUCK_RAIL(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(16),
      sixtyFourths(4),
      sixtyFourths(64),
      "Rail of a tuck spot",
      "The width of the tape on which a tucked card runs.",
      "tuck spots"),

  TAPE_PLY(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(4),
      thousandths(1),
      thousandths(100),
      "Tape of a rail",
      "The thickness of one layer of that tape.",
      "tuck spots"),

  PAPER_SHEET(
      Group.MOVERS,
      Provenance.COMMON_PRACTICE,
      sixtyFourths(768),
      sixtyFourths(256),
      sixtyFourths(1536),
      "Sheet of card",
      "The side of the square sheets that movers are cut from, until others are chosen.",
      "accordions, fold-outs"),

  TAPE_OVER_CARD(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(5),
      thousandths(0),
      thousandths(100),
      "Tape above the card",
      "What the layers of tape are thicker than the card that is tucked.",
      "tuck spots"),

  PULLOUT_CARD(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(11),
      thousandths(1),
      thousandths(200),
      "Card of movers",
      "The thickness of the card that accordions and pull-outs are folded from, until it is chosen.",
      "accordions, pull-outs"),

  TUCKED_CARD(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(12),
      thousandths(1),
      thousandths(200),
      "Card in a tuck spot",
      "The thickness of a tucked card until it is chosen.",
      "tuck spots"),

  MOVER_PRINT(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(9),
      thousandths(1),
      thousandths(200),
      "Print on a mover",
      "The thickness of a print on a mover until it is chosen.",
      "accordions"),

  GRIP_REACH(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(32),
      sixtyFourths(8),
      sixtyFourths(192),
      "Grip sticks out",
      "How far a tab or a string sticks out past the edge by which a mover is opened.",
      "tabs and strings"),

  GRIP_WIDTH(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      sixtyFourths(64),
      sixtyFourths(16),
      sixtyFourths(256),
      "Width of a tab",
      "How wide the tab is by which a mover is opened.",
      "tabs"),

  MOVER_THICKNESS(
      Group.MOVERS,
      Provenance.FROM_MEMORY,
      thousandths(125),
      thousandths(10),
      thousandths(1000),
      "Thickest mover",
      "How thick a mover may be, folded and filled, before it fights its page and those that face"
          + " it.",
      "warnings, movers suggested"),

  AIRY_SHARE(
      Group.BREATHING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      40,
      1,
      100,
      "Airy",
      "Share of the picture area that holds photos in an airy album.",
      "how many photos a leaf takes"),

  EVEN_SHARE(
      Group.BREATHING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      60,
      1,
      100,
      "Even",
      "Share of the picture area that holds photos in an even album.",
      "how many photos a leaf takes"),

  FULL_SHARE(
      Group.BREATHING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      80,
      1,
      100,
      "Full",
      "Share of the picture area that holds photos in a full album.",
      "how many photos a leaf takes"),

  PACKED_SHARE(
      Group.BREATHING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      100,
      1,
      100,
      "Packed",
      "Share of the picture area that holds photos in a packed album.",
      "how many photos a leaf takes"),

  CROP_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      100,
      0,
      1000,
      "Cropping",
      "What it weighs to crop a picture away whole; half of it cropped weighs half.",
      "where photos are placed"),

  HEADS_CUT_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      100,
      0,
      1000,
      "Cutting heads",
      "What it weighs, besides the cropping, that a crop cuts all heads of a picture; one of them weighs at least half of it.",
      "where photos are placed"),

  SUBJECT_CUT_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      30,
      0,
      1000,
      "Cutting the subject",
      "What it weighs, besides the cropping, that a crop cuts the subject of a picture away whole; half of it weighs half.",
      "where photos are placed"),

  EXPOSED_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      150,
      0,
      1000,
      "What must not be seen",
      "What it weighs that all of what must not be seen of a picture is seen.",
      "where photos are placed"),

  WHOLE_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      120,
      0,
      1000,
      "Small on a card",
      "What it weighs to show a picture whole on a card rather than cut a head, the keep box or most of the subject: by how much smaller it is than its place.",
      "where photos are placed"),

  GOOD_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      5,
      0,
      1000,
      "Good, not fine",
      "What it weighs that a print is good rather than fine.",
      "where photos are placed"),

  SOFT_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      20,
      0,
      1000,
      "Soft",
      "What it weighs that a print is soft.",
      "where photos are placed"),

  POOR_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      60,
      0,
      1000,
      "Poor",
      "What it weighs that a print has too few pixels.",
      "where photos are placed"),

  WRONG_WAY_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      15,
      0,
      1000,
      "Upright in a wide place",
      "What it weighs, besides the cropping, that an upright picture goes into a wide place or a wide one into an upright place.",
      "where photos are placed"),

  ALIKE_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      150,
      0,
      1000,
      "Lookalikes side by side",
      "What it weighs that two near-repeats stand next to each other on a spread.",
      "where photos are placed"),

  SMALL_HERO_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      60,
      0,
      1000,
      "A hero made small",
      "What it weighs that a hero has a place of next to no size; half of what is large weighs half.",
      "where photos are placed"),

  HERO_LARGE_FROM(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      sixtyFourths(640),
      sixtyFourths(64),
      sixtyFourths(2560),
      "Large enough for a hero",
      "A place is large enough for a hero when its width and height together come to this.",
      "where photos are placed"),

  HIDDEN_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      25,
      0,
      1000,
      "Hidden",
      "What it weighs that a picture lies out of sight, if it was not said to be fine behind a flap; or"
          + " in sight, if it was meant for when something is opened.",
      "where photos are placed"),

  CAPTION_APART_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      20,
      0,
      1000,
      "Words far from their photo",
      "What it weighs that no free place beside a photo takes the words to it.",
      "where photos are placed"),

  SCATTERED_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      3,
      0,
      1000,
      "A free place between photos",
      "What it weighs that a photo and a free place follow each other on a page, so that free places lie together at its beginning or end.",
      "where photos are placed"),

  TITLE_APART_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      15,
      0,
      1000,
      "A title away from its chapter",
      "What it may cost at most to keep the place right before a chapter's first photo free for its title, where the page has a free place anyway.",
      "where titles go"),

  PRIVATE_COVER_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      1000,
      0,
      2000,
      "Private on the first page",
      "What it weighs that a private photo stands on the first page, which everybody sees who opens the album.",
      "where photos are placed"),

  ORDER_BROKEN_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      5,
      0,
      1000,
      "Against the story",
      "What it weighs that of two photos next to each other on a spread the later one comes first.",
      "where photos are placed"),

  MOVED_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      30,
      0,
      1000,
      "Moved from where you put it",
      "What it weighs to move a photo that was put in its place by hand and is not locked.",
      "where photos are placed"),

  HEAVY_HIGH_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      60,
      0,
      1000,
      "Dark and high",
      "What it weighs, placing by weight, that the darkest picture stands at the top of a page or the palest at its foot.",
      "placing by weight"),

  UNLIKE_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      40,
      0,
      1000,
      "Like its neighbour",
      "What it weighs, placing by variety, that neighbours look quite the same; half alike weighs half.",
      "placing by variety"),

  LEFT_OUT_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      200,
      0,
      2000,
      "Left out",
      "What it weighs to leave out a photo that is perhaps wanted; one nobody has decided on weighs twice, a kept one three times as much.",
      "where photos are placed"),

  SHARED_FROM(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      sixtyFourths(160),
      sixtyFourths(64),
      sixtyFourths(640),
      "Two in one place",
      "Two photos may share one place where the shorter side of each print is at least this.",
      "what would make room for a photo"),

  EMPTY_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      25,
      0,
      1000,
      "An empty place",
      "What it weighs, choosing leaves, that a place of 6 × 4 stays empty beyond the breathing room; larger places weigh more.",
      "which leaves are proposed"),

  CHAPTER_WITHIN_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      50,
      0,
      1000,
      "A chapter within a page",
      "What it weighs, choosing leaves, that a chapter worth a page begins in the middle of one.",
      "which leaves are proposed"),

  SLEEVE_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      10,
      0,
      1000,
      "Another sleeve",
      "What it weighs, choosing leaves that count on sleeves, that a picture goes into a sleeve over"
          + " a page.",
      "which leaves are proposed"),

  LEAF_WEIGHT(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      20,
      0,
      1000,
      "Another leaf",
      "What it weighs, choosing leaves, to use one leaf more.",
      "which leaves are proposed"),

  FORCED_ABOVE(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      35,
      1,
      100,
      "Badly cropped from",
      "A photo of which more than this share is cropped away is counted as badly cropped.",
      "what is said of proposed leaves"),

  WORDS_SHARE(
      Group.PLACING,
      Provenance.FROM_MEMORY,
      Unit.PERCENT,
      10,
      0,
      100,
      "Places for words",
      "The share of a page's places that is set aside for words, out of those that the breathing room leaves free.",
      "how many places are kept for words");

  /** The groups of rules, by what they are about. */
  public enum Group {
    CUTTING,
    FIT,
    PICTURE,
    LINE,
    PAGES,
    WORDS,
    PAPER,
    MOVERS,
    BREATHING,
    PLACING
  }

  /** The units in which rules are counted. */
  public enum Unit {
    LENGTH,
    PPI,
    HOURS,
    MINUTES,
    PHOTOS,
    BITS,
    COLOUR,
    SPREAD,
    POINTS,
    PERCENT
  }

  /** The quantities that rules measure. */
  public enum Quantity {
    LENGTH,
    NUMBER
  }

  private final Group group;
  private final Provenance provenance;
  private final Unit unit;
  private final long defaultValue;
  private final long least;
  private final long most;
  private final String title;
  private final String meaning;
  private final String affects;

  HouseRule(
      Group group,
      Provenance provenance,
      Length defaultValue,
      Length least,
      Length most,
      String title,
      String meaning,
      String affects) {
    this(
        group,
        provenance,
        Unit.LENGTH,
        defaultValue.toNanometres(),
        least.toNanometres(),
        most.toNanometres(),
        title,
        meaning,
        affects);
  }

  HouseRule(
      Group group,
      Provenance provenance,
      Unit unit,
      long defaultValue,
      long least,
      long most,
      String title,
      String meaning,
      String affects) {
    this.group = group;
    this.provenance = provenance;
    this.unit = unit;
    this.defaultValue = defaultValue;
    this.least = least;
    this.most = most;
    this.title = title;
    this.meaning = meaning;
    this.affects = affects;
  }

  public Group group() {
    return group;
  }

  public Provenance provenance() {
    return provenance;
  }

  public Unit unit() {
    return unit;
  }

  public Quantity kind() {
    return unit == Unit.LENGTH ? Quantity.LENGTH : Quantity.NUMBER;
  }

  /** Tells what makers call it. */
  public String title() {
    return title;
  }

  /** Tells what it means, in a sentence. */
  public String meaning() {
    return meaning;
  }

  /** Tells what changes with it, in a few words. */
  public String affects() {
    return affects;
  }

  /** The default: stored units of length, or the number itself. */
  public long defaultValue() {
    return defaultValue;
  }

  /** The least it may be, as {@link #defaultValue}. */
  public long least() {
    return least;
  }

  /** The most it may be, as {@link #defaultValue}. */
  public long most() {
    return most;
  }

  private static Length sixtyFourths(long count) {
    return Length.ofInches(0, count, 64);
  }

  private static Length thousandths(long count) {
    return Length.ofInches(0, count, 1000);
  }
}
