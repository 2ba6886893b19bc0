import type { Photo } from "../api/types";
import { Row } from "../ui/Row";
import { weaknessOf } from "../ui/weakness";

/** What is against a photo, and what follows from it as long as nobody has kept it. */
export function PlacedLast({ photo }: { photo: Photo }) {
  const weakness = weaknessOf(photo);
  if (!weakness) {
    return null;
  }
  return (
    <Row name="Looks">
      {weakness}
      {photo.choice === "open" && ": it is placed last unless you keep it"}
    </Row>
  );
}
