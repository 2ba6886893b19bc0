import { Link } from "react-router";
import type { Account } from "../api/types";
import { Sheet } from "../ui/Sheet";

interface Props {
  account: Account;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** What the open spread costs as it is, part by part, and what it could. */
export function AccountSheet({ account, open, onOpenChange }: Props) {
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title="How good this spread is">
      <p className="text-[15px]">{account.detail}</p>
      {account.shapes && <p className="mt-1 text-[15px]">By shape: {account.shapes}.</p>}
      <dl className="mt-4 max-w-[26rem] border-b-2 border-ink">
        {account.parts.map((part) => (
          <div key={part.name} className="flex justify-between gap-4 border-t border-hair py-1">
            <dt>{part.name}</dt>
            <dd className="font-semibold">{part.points} points</dd>
          </div>
        ))}
        <div className="flex justify-between gap-4 border-t-2 border-ink py-1 font-semibold">
          <dt>all together</dt>
          <dd>{account.points} points</dd>
        </div>
        <div className="flex justify-between gap-4 border-t border-hair py-1">
          <dt>best found by placing again</dt>
          <dd className="font-semibold">{account.best} points</dd>
        </div>
      </dl>
      <p className="mt-4 text-[13px] text-quiet">
        100 points = a whole photo cropped away. {account.placed} placed here
        {account.left > 0 && `, ${account.left} of those that belong here left out`}. What each
        ephemera weighs is a{" "}
        <Link to="/shelf/rules" className="underline underline-offset-2">
          house rule
        </Link>
        .
      </p>
    </Sheet>
  );
}
