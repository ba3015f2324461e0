import { lazy, Suspense } from "react";
import { Navigate, Route, Routes } from "react-router";
import { FoundPage } from "../features/sessions/FoundPage";
import { SignInPage } from "../features/sessions/SignInPage";
import { Notices } from "../ui/notices";
import { Waiting } from "../ui/Waiting";
import { Shell } from "./Shell";
import { isInstructor, useSession } from "./session";

const FormsPage = lazy(() => import("../features/forms/FormsPage"));
const FormPage = lazy(() => import("../features/forms/FormPage"));
const WalkPage = lazy(() => import("../features/walkthrough/WalkPage"));
const FloorPage = lazy(() => import("../features/floor/FloorPage"));
const SheetPage = lazy(() => import("../features/forms/SheetPage"));
const HistoryPage = lazy(() => import("../features/forms/HistoryPage"));
const ComparePage = lazy(() => import("../features/forms/ComparePage"));
const ApplicationsPage = lazy(() => import("../features/applications/ApplicationsPage"));
const ApplicationPage = lazy(() => import("../features/applications/ApplicationPage"));
const GridPage = lazy(() => import("../features/knowledge/GridPage"));
const StudentPage = lazy(() => import("../features/knowledge/StudentPage"));
const PeoplePage = lazy(() => import("../features/people/PeoplePage"));
const SchoolPage = lazy(() => import("../features/people/SchoolPage"));
const TermsPage = lazy(() => import("../features/terms/TermsPage"));

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
            <Route path="/forms" element={<FormsPage />} />
            <Route path="/forms/:id" element={<FormPage />} />
            <Route path="/forms/:id/walk" element={<WalkPage />} />
            <Route path="/forms/:id/floor" element={<FloorPage />} />
            <Route path="/forms/:id/sheet" element={<SheetPage />} />
            <Route path="/compare" element={<ComparePage />} />
            <Route path="/applications" element={<ApplicationsPage />} />
            <Route path="/applications/:id" element={<ApplicationPage />} />
            <Route path="/terms" element={<TermsPage />} />
            <Route path="/students/:id" element={<StudentPage />} />
            {teaches && (
              <>
                <Route path="/forms/:id/history" element={<HistoryPage />} />
                <Route path="/knowledge" element={<GridPage />} />
                <Route path="/students" element={<PeoplePage />} />
              </>
            )}
            {session.person.role === "head" && <Route path="/school" element={<SchoolPage />} />}
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
