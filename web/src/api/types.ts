import type { components } from "./schema";

type Schemas = components["schemas"];

export type Album = Schemas["AlbumView"];
/** An edge of a page or a flap. */
export type Edge = Schemas["FlapForm"]["hinge"];
/** What is taken hold of to open a mover. */
export type Grip = NonNullable<Schemas["FlapForm"]["grip"]>;
/** By what photos are placed. */
export type Order = NonNullable<Schemas["PlaceAgain"]["order"]>;
/** How full pages are. */
export type Breathing = NonNullable<Schemas["PlaceAgain"]["breathing"]>;
/** For which state of its spread a photo is meant. */
export type Showing = NonNullable<Schemas["SetFlags"]["showing"]>;
/** What a place is kept free for. */
export type Aside = NonNullable<Schemas["SetAside"]["aside"]>;
/** The line; where choices are shown before they are confirmed, with the line as it was told. */
export type Line = Schemas["LineView"] & { told?: Line };
export type LineChanges = Schemas["LineChangesView"];
export type Chapter = Schemas["ChapterView"];
export type Photo = Schemas["PhotoView"];
export type PhotoMark = Photo["marks"][number];
export type Stack = Schemas["StackView"];
export type Budget = Schemas["BudgetView"];
export type ChapterBudget = Schemas["ChapterBudgetView"];
export type Camera = Schemas["CameraView"];
export type ClockTry = Schemas["ClockTryView"];
export type Page = Schemas["PageView"];
export type Slot = Schemas["SlotView"];
export type Seat = Schemas["SeatView"];
export type Drawing = Schemas["DrawingView"];
export type Ticket = Schemas["PreviewView"]["ticket"];
export type PhotoTicket = Extract<Ticket, { of: "photo" }>;
export type Size = Schemas["SizeView"];
export type PixelBox = Schemas["PixelBoxView"];
export type ShareBox = Schemas["ShareBoxView"];
export type Corner = Schemas["CornerView"];
export type Close = Schemas["CloseView"];
export type Crop = Schemas["CropView"];
export type Lists = Schemas["ListsView"];
export type Spread = Schemas["SpreadView"];
export type Leaf = Schemas["LeafView"];
export type LeafDetail = Schemas["LeafDetail"];
export type LeafSide = Schemas["SideView"];
export type Mount = Schemas["MountView"];
export type Flap = Schemas["FlapView"];
export type FlapForm = Schemas["FlapForm"];
export type FlapState = Schemas["FlapState"];
export type Motion = Schemas["MotionView"];
export type MoverChoice = Schemas["ChoiceView"];
export type MoverForm = Schemas["MoverForm"];
export type MadeForm = MoverForm["made"];
export type MoverState = Schemas["MoverState"];
export type MoverKind = MoverState["kind"];
export type CornerCut = Schemas["CornerCutView"];
export type Outline = NonNullable<Block["outline"]>;
export type Block = Schemas["BlockRequest"];
export type Shape = Block["shape"];
export type Anchor = Block["anchor"];
export type Laid = Schemas["LaidEphemeraView"];
export type Ephemera = Schemas["EphemeraView"];
export type Length = Schemas["LengthView"];
export type Box = Schemas["BoxView"];
export type Catalogue = Schemas["CatalogueView"];
export type Entry = Schemas["EntryView"];
export type WrittenItem = Entry["form"];

/** An entry while it is written: what each kind has of its own is left out of the others. */
export type ItemDraft = { kind: string } & Partial<
  Omit<Schemas["LeafItem"], "kind"> &
    Omit<Schemas["SleeveItem"], "kind"> &
    Omit<Schemas["CardItem"], "kind"> &
    Omit<Schemas["SheetItem"], "kind"> &
    Omit<Schemas["LetterItem"], "kind">
>;
export type PocketOfType = Schemas["PocketView"];
export type PatternOfType = Schemas["PatternView"];
export type Ruled = Schemas["RuledView"];
export type PartRequest = Schemas["RulingForm"]["part"];
export type Rule = Schemas["RuleView"];
export type Sharing = Schemas["SharingView"];
export type SavedCalculation = Schemas["SavedCalculationView"];
export type Account = Schemas["AccountView"];
export type Plan = Schemas["LeafPlanView"];
export type SketchPage = Schemas["SketchPage"];
export type Need = Schemas["NeedView"];
export type About = Schemas["AboutView"];

/** What is decided of a photo. */
export type Choice = "open" | "keep" | "maybe" | "out";

/** An error as the server tells it. */
export interface Problem {
  title?: string;
  detail?: string;
  status?: number;
  field?: string;
  /** What a step would lose, where it was not confirmed. */
  lost?: string[];
}
export type WordsOfAlbum = Schemas["WordsView"];
export type CardOfWords = Schemas["CardView"];
export type WrittenLine = Schemas["WrittenLineView"];
export type CardLayout = Schemas["CardLayoutView"];
export type ThreadRow = Schemas["ThreadRowView"];
export type PhotoMini = Schemas["PhotoMini"];
export type TitleOfAlbum = Schemas["TitleView"];

export type Fix = Schemas["FixView"];

export type Clash = Schemas["ClashView"];
