import { Toast } from "radix-ui";
import { useNotices } from "./notices";

/** Shows notices at the foot of the page until they are read. */
export function NoticeBoard() {
  const { notices, dismiss, spoken } = useNotices();
  return (
    <Toast.Provider duration={9000} swipeDirection="down">
      {notices.map((notice) => (
        <Toast.Root
          key={notice.id}
          onOpenChange={(open) => {
            if (!open) dismiss(notice.id);
          }}
          className="flex items-start gap-4 border-l-4 border-signal bg-edge px-4 py-3 text-edge-text shadow-lg"
        >
          <Toast.Description className="flex-1">{notice.words}</Toast.Description>
          <Toast.Close className="underline underline-offset-2">Close</Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 flex w-[min(34rem,calc(100vw-2rem))] -translate-x-1/2 flex-col gap-2" />
      <div aria-live="polite" className="sr-only">
        {spoken}
      </div>
    </Toast.Provider>
  );
}
