import { AlertDialog } from "radix-ui";
import { create } from "zustand";
import { Measures } from "./Measures";

interface Question {
  title: string;
  /** What would be lost, a line each. */
  lines: string[];
  /** What the button says that goes on. */
  yes: string;
  /** How it is brought back afterwards. */
  back: string;
  answer: (yes: boolean) => void;
}

const useQuestion = create<{ question: Question | null }>(() => ({ question: null }));

/** Asks before something is lost. */
export function ask(
  title: string,
  lines: string[],
  yes: string,
  back = "Undo brings it back.",
): Promise<boolean> {
  return new Promise((resolve) => {
    useQuestion.setState({
      question: {
        title,
        lines,
        yes,
        back,
        answer: (answer) => {
          useQuestion.setState({ question: null });
          resolve(answer);
        },
      },
    });
  });
}

/** Shows the question that is asked. */
export function AskBoard() {
  const question = useQuestion((state) => state.question);
  return (
    <AlertDialog.Root open={question !== null} onOpenChange={() => question?.answer(false)}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-40 w-[min(30rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 border-t-4 border-signal bg-sheet p-6 text-ink shadow-2xl">
          <AlertDialog.Title className="text-xl leading-tight">
            <Measures text={question?.title ?? ""} />
          </AlertDialog.Title>
          <AlertDialog.Description asChild>
            <ul className="mt-3 text-[15px]">
              {question?.lines.map((line) => (
                <li key={line} className="border-t border-hair py-1.5">
                  <Measures text={line} />
                </li>
              ))}
            </ul>
          </AlertDialog.Description>
          <p className="mt-2 text-[13px] text-quiet">{question?.back}</p>
          <div className="mt-5 flex gap-3">
            <AlertDialog.Action
              onClick={() => question?.answer(true)}
              className="min-h-9 border border-signal bg-signal-text px-4 font-semibold text-white dark:bg-signal dark:text-[#10262c]"
            >
              {question?.yes}
            </AlertDialog.Action>
            <AlertDialog.Cancel className="min-h-9 border border-hair px-4 font-semibold hover:border-ink">
              Leave it
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
