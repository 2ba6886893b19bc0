import type { components } from "./schema";

type Schemas = components["schemas"];

export type Album = Schemas["AlbumView"];
export type Line = Schemas["LineView"];
export type Chapter = Schemas["ChapterView"];
export type Photo = Schemas["PhotoView"];
export type Page = Schemas["PageView"];
export type Slot = Schemas["SlotView"];
export type Seat = Schemas["SeatView"];
export type Drawing = Schemas["DrawingView"];
export type Ticket = Schemas["TicketView"];
export type Size = Schemas["SizeView"];
export type PixelBox = Schemas["PixelBoxView"];
export type ShareBox = Schemas["ShareBoxView"];
export type Lists = Schemas["ListsView"];
export type About = Schemas["AboutView"];

/** An error as the server tells it. */
export interface Problem {
  title?: string;
  detail?: string;
  status?: number;
  field?: string;
}
