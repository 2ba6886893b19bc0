import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { answered, api, Refusal } from "../api/client";
import { useShelf } from "../api/queries";
import { Button } from "../ui/Button";
import { useNotices } from "../ui/notices";

/** Sends the sum to the ticket of the album, where it lies until it is thrown away. */
export function SendToTicket({
  sum,
  question,
}: {
  sum: string;
  question: Record<string, unknown>;
}) {
  const album = useShelf().data?.[0];
  const queries = useQueryClient();
  const notify = useNotices((state) => state.notify);
  const [sent, setSent] = useState("");
  const text = JSON.stringify(question);
  if (!album) {
    return null;
  }

  async function send(id: number) {
    try {
      const calculations = await answered(
        api.POST("/api/albums/{id}/calculations", {
          params: { path: { id } },
          body: { sum, question: question as Record<string, never> },
        }),
      );
      queries.setQueryData(["calculations", id], calculations);
      setSent(text);
    } catch (problem) {
      notify(problem instanceof Refusal ? problem.message : "That did not work.");
    }
  }

  return (
    <p className="mt-4 flex flex-wrap items-center gap-3">
      <Button disabled={sent === text} onClick={() => send(album.id)}>
        Send to the ticket
      </Button>
      {sent === text && (
        <span role="status" className="text-[13px] text-quiet">
          It lies on the ticket of{" "}
          <Link className="underline underline-offset-2" to={`/albums/${album.id}/place`}>
            {album.title}
          </Link>
          .
        </span>
      )}
    </p>
  );
}
