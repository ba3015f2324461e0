import { Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { FoundPage } from "../features/sessions/FoundPage";
import { SignInPage } from "../features/sessions/SignInPage";
import { Notices } from "../ui/notices";
import { Waiting } from "../ui/Waiting";
import { pages } from "./pages";
import { Shell } from "./Shell";
import { isInstructor, useSession } from "./session";

export function App() {
  const { data: session, error } = useSession();
  if (!session) return <Waiting error={error} />;
  if (session.needsFounding) return <FoundPage />;
  if (!session.person) return <SignInPage demo={session.demo} />;
  const teaches = isInstructor(session);
  return (
    <Notices>
      <Shell session={session}>
        <Suspense fallback={<Waiting />}>
          <Routes>
            <Route path="/" element={<Navigate to="/forms" replace />} />
            <Route path="/forms" element={<pages.forms />} />
            <Route path="/forms/:id" element={<pages.form />} />
            <Route path="/forms/:id/walk" element={<pages.walk />} />
            <Route path="/forms/:id/floor" element={<pages.floor />} />
            <Route path="/forms/:id/sheet" element={<pages.sheet />} />
            <Route path="/compare" element={<pages.compare />} />
            <Route path="/applications" element={<pages.applications />} />
            <Route path="/applications/:id" element={<pages.application />} />
            <Route path="/terms" element={<pages.terms />} />
            <Route path="/students/:id" element={<pages.student />} />
            {teaches && (
              <>
                <Route path="/forms/:id/history" element={<pages.history />} />
                <Route path="/knowledge" element={<pages.grid />} />
                <Route path="/students" element={<pages.people />} />
              </>
            )}
            {session.person.role === "head" && <Route path="/school" element={<pages.school />} />}
            <Route path="*" element={<Nowhere />} />
          </Routes>
        </Suspense>
      </Shell>
    </Notices>
  );
}

function Nowhere() {
  return (
    <main className="mx-auto max-w-2xl p-6">
      <h1 className="text-2xl">There is nothing at this address</h1>
      <p className="mt-2">
        It may have been put away, or it belongs to another school. The{" "}
        <a className="text-water underline" href="/forms">
          forms
        </a>{" "}
        are a good place to go on from.
      </p>
    </main>
  );
}
