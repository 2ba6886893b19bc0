import type { Album, Line } from "../api/types";
import { FlapBar } from "../movers/FlapBar";
import { useFlapKey, useFlaps } from "../movers/useFlaps";
import { TicketRoll } from "../ticket/TicketRoll";
import { CropOffers } from "./CropOffers";
import { Spread } from "./Spread";
import { StepBar } from "./StepBar";
import { Tray } from "./Tray";
import { usePlaceAgain } from "./usePlaceAgain";
import { usePlaceKeys } from "./usePlaceKeys";

interface Props {
  album: Album;
  line: Line;
}

/** The spread in the middle, what is without a place below it, the ticket at the right. */
export function PlaceStage({ album, line }: Props) {
  const placing = usePlaceAgain(album, line);
  usePlaceKeys(album, placing.place, useFlapKey(album), useFlaps(album).motion?.seen);
  return (
    <div className="flex h-full min-h-0 flex-col overflow-y-auto lg:flex-row lg:overflow-hidden">
      <div className="flex min-w-0 shrink-0 flex-col px-4 pb-3 lg:min-h-0 lg:flex-1">
        <Spread album={album} />
        <FlapBar album={album} />
        <StepBar album={album} line={line} placing={placing} />
        <CropOffers album={album} />
        <Tray album={album} line={line} />
      </div>
      <TicketRoll album={album} line={line} />
    </div>
  );
}
