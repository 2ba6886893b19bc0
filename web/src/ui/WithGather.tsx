import { Link, useParams } from "react-router";

/** Words in which the stage that photos come in at is a link to it, wherever it is named. */
export function WithGather({ text }: { text: string }) {
  const { id } = useParams();
  const [before, ...after] = text.split("Gather");
  return (
    <>
      {before}
      {after.map((words) => (
        <span key={words}>
          <Link
            to={`/albums/${id}/gather`}
            className="font-semibold text-ink underline underline-offset-2"
          >
            Gather
          </Link>
          {words}
        </span>
      ))}
    </>
  );
}
