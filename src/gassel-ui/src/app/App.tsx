import { lazy, Suspense, useMemo } from "react";
import { CssBaseline, ThemeProvider } from "@mui/material";
import { QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import {
  createBrowserRouter,
  Navigate,
  Route,
  RouterProvider,
  Routes,
  useLocation,
  useParams,
} from "react-router";
import { ErrorBoundary } from "react-error-boundary";
import { Textures } from "../drawings/Textures";
const Places = lazy(() => import("../features/places/Places").then((m) => ({ default: m.Places })));
const SiteForecast = lazy(() =>
  import("../features/site/SiteForecast").then((m) => ({ default: m.SiteForecast })),
);
const Messages = lazy(() => import("../features/messages/Messages").then((m) => ({ default: m.Messages })));
import { RecordProvider } from "../record/RecordProvider";
import { Refused } from "../api/client";
import { sessionQuery, useSession } from "../book/queries";
import { Loading } from "../shared/Loading";
import { DeviceProvider, useDevice } from "../look/DeviceContext";
import { KeysProvider } from "../shared/Keys";
import { NoSuchView } from "../shared/NoSuchView";
import { Shell } from "./Shell";
import { makeTheme } from "../look/theme";
import { DoneOnProvider } from "../record/DoneOn";
import { ViewFault } from "./ViewFault";

const Rounds = lazy(() => import("../features/rounds/Rounds").then((m) => ({ default: m.Rounds })));
const Season = lazy(() => import("../features/season/Season").then((m) => ({ default: m.Season })));
const Plan = lazy(() => import("../features/plan/Plan").then((m) => ({ default: m.Plan })));
const Batches = lazy(() => import("../features/batches/Batches").then((m) => ({ default: m.Batches })));
const Wishes = lazy(() => import("../features/wishes/Wishes").then((m) => ({ default: m.Wishes })));
const Told = lazy(() => import("../features/told/Told").then((m) => ({ default: m.Told })));
const Batch = lazy(() => import("../features/batches/Batch").then((m) => ({ default: m.Batch })));
const CountList = lazy(() =>
  import("../features/counting/CountList").then((m) => ({ default: m.CountList })),
);
const Count = lazy(() => import("../features/counting/Count").then((m) => ({ default: m.Count })));
const Yard = lazy(() => import("../features/yard/Yard").then((m) => ({ default: m.Yard })));
const Container = lazy(() => import("../features/yard/Container").then((m) => ({ default: m.Container })));
const Waves = lazy(() => import("../features/yard/Waves").then((m) => ({ default: m.Waves })));
const BothWays = lazy(() => import("../features/yard/BothWays").then((m) => ({ default: m.BothWays })));
const SeasonBooks = lazy(() =>
  import("../features/closing/SeasonBooks").then((m) => ({ default: m.SeasonBooks })),
);
const BatchBooks = lazy(() =>
  import("../features/closing/BatchBooks").then((m) => ({ default: m.BatchBooks })),
);
const Years = lazy(() => import("../features/closing/Years").then((m) => ({ default: m.Years })));
const Seed = lazy(() => import("../features/seed/Seed").then((m) => ({ default: m.Seed })));
const Species = lazy(() => import("../features/species/Species").then((m) => ({ default: m.Species })));
const RouteEditor = lazy(() =>
  import("../features/species/RouteEditor").then((m) => ({ default: m.RouteEditor })),
);
const SpeciesForm = lazy(() =>
  import("../features/species/SpeciesForm").then((m) => ({ default: m.SpeciesForm })),
);
const WeatherImport = lazy(() =>
  import("../features/weather/WeatherImport").then((m) => ({ default: m.WeatherImport })),
);
const Temperature = lazy(() =>
  import("../features/temperature/Temperature").then((m) => ({ default: m.Temperature })),
);
const LoggerImport = lazy(() =>
  import("../features/temperature/LoggerImport").then((m) => ({ default: m.LoggerImport })),
);
const Workbench = lazy(() =>
  import("../features/workbench/Workbench").then((m) => ({ default: m.Workbench })),
);
const Trials = lazy(() => import("../features/trials/Trials").then((m) => ({ default: m.Trials })));
const Trial = lazy(() => import("../features/trials/Trial").then((m) => ({ default: m.Trial })));
const TrialForm = lazy(() => import("../features/trials/TrialForm").then((m) => ({ default: m.TrialForm })));
const Labels = lazy(() => import("../features/labels/Labels").then((m) => ({ default: m.Labels })));
const ByNumber = lazy(() => import("../features/batches/ByNumber").then((m) => ({ default: m.ByNumber })));
const Intake = lazy(() => import("../features/intake/Intake").then((m) => ({ default: m.Intake })));
const Handbook = lazy(() => import("../features/handbook/Handbook").then((m) => ({ default: m.Handbook })));
// the words of the handbook are fetched when somebody asks
const AboutView = lazy(() => import("./AboutView").then((m) => ({ default: m.AboutView })));
const Start = lazy(() => import("../features/start/Start").then((m) => ({ default: m.Start })));
const Sheet = lazy(() => import("../features/sheet/Sheet").then((m) => ({ default: m.Sheet })));
const SitePeople = lazy(() => import("../features/site/SitePeople").then((m) => ({ default: m.SitePeople })));
const SignIn = lazy(() => import("../people/SignIn").then((m) => ({ default: m.SignIn })));
const Site = lazy(() => import("../features/site/Site").then((m) => ({ default: m.Site })));

export function App() {
  const client = useMemo(() => makeClient(), []);
  return (
    <QueryClientProvider client={client}>
      <DeviceProvider>
        <Themed />
      </DeviceProvider>
    </QueryClientProvider>
  );
}

function makeClient(): QueryClient {
  const client: QueryClient = new QueryClient({
    queryCache: new QueryCache({
      // a session that has run out is asked for again, and with it the way in is shown
      onError: (error, query) => {
        if (
          error instanceof Refused &&
          error.problem.status === 401 &&
          query.queryKey[0] !== sessionQuery.queryKey[0]
        )
          void client.invalidateQueries({ queryKey: sessionQuery.queryKey });
      },
    }),
    defaultOptions: {
      queries: {
        staleTime: 5_000,
        // the browser's word on being connected is not asked: Gassel may answer on a network without internet
        networkMode: "always",
        retry: (failures, error) => failures < 1 && !(error instanceof Refused && error.problem.status !== 0),
      },
      mutations: { networkMode: "always" },
    },
  });
  return client;
}

/** The views, or the way in where nobody is signed in. */
function Views() {
  const session = useSession().data;
  if (session?.needed && !session.role) return <SignIn session={session} />;
  return (
    <Routes>
      <Route path="/" element={<Rounds />} />
      <Route path="/start" element={<Start />} />
      <Route path="/help" element={<Handbook />} />
      <Route path="/help/:page" element={<Handbook />} />
      <Route path="/sheet" element={<Sheet />} />
      <Route path="/season" element={<Season />} />
      <Route path="/season/wishes" element={<Wishes />} />
      <Route path="/season/books" element={<SeasonBooks />} />
      <Route path="/season/years" element={<Years />} />
      <Route path="/plan" element={<Plan />} />
      <Route path="/batches" element={<Batches />} />
      <Route path="/b/:number" element={<ByNumber />} />
      <Route path="/l/:number/:part" element={<ByNumber toWork />} />
      <Route path="/at/:place" element={<AtPlace />} />
      <Route path="/labels" element={<Labels />} />
      <Route path="/batches/told" element={<Told />} />
      <Route path="/batches/:id" element={<Batch />} />
      <Route path="/batches/:id/books" element={<BatchBooks />} />
      <Route path="/count" element={<CountList />} />
      <Route path="/count/:id/:part" element={<Count />} />
      <Route path="/trials" element={<Trials />} />
      <Route path="/trials/new" element={<TrialForm />} />
      <Route path="/trials/:id" element={<Trial />} />
      <Route path="/yard" element={<Yard />} />
      <Route path="/yard/waves" element={<Waves />} />
      <Route path="/yard/ways" element={<BothWays />} />
      <Route path="/yard/:batch/:part" element={<Container />} />
      <Route path="/seed" element={<Seed />} />
      <Route path="/species" element={<Species />} />
      <Route path="/species/new" element={<SpeciesForm />} />
      <Route path="/species/:id" element={<Species />} />
      <Route path="/species/:id/values" element={<SpeciesForm />} />
      <Route path="/species/:id/routes/new" element={<RouteEditor />} />
      <Route path="/species/:id/routes/:routeId" element={<RouteEditor />} />
      <Route path="/workbench" element={<Workbench />} />
      <Route path="/workbench/:tool" element={<Workbench />} />
      <Route path="/site" element={<Site />} />
      <Route path="/site/places" element={<Places />} />
      <Route path="/site/forecast" element={<SiteForecast />} />
      <Route path="/site/messages" element={<Messages />} />
      <Route path="/site/people" element={<SitePeople />} />
      <Route path="/site/temperature" element={<Temperature />} />
      <Route path="/site/temperature/:place" element={<Temperature />} />
      <Route path="/site/temperature/:place/import" element={<LoggerImport />} />
      <Route path="/site/tables/:name" element={<Intake />} />
      <Route path="/site/weather" element={<WeatherImport />} />
      <Route path="*" element={<NoSuchView />} />
    </Routes>
  );
}

/** A fault of one view stays in it, and leaving it is enough to go on. */
function Guarded() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={ViewFault} resetKeys={[pathname]}>
      <Suspense fallback={<Loading what="the view" />}>
        <Views />
      </Suspense>
    </ErrorBoundary>
  );
}

const about = (close: () => void) => (
  <Suspense>
    <AboutView close={close} />
  </Suspense>
);

function Inside() {
  return (
    <KeysProvider about={about}>
      <RecordProvider>
        <DoneOnProvider>
          <Shell>
            <Guarded />
          </Shell>
        </DoneOnProvider>
      </RecordProvider>
    </KeysProvider>
  );
}

// one route of the router, so that a page may ask before it is left; the views are told apart inside
const router = createBrowserRouter([{ path: "*", element: <Inside /> }]);

function Themed() {
  const { palette, light } = useDevice();
  const theme = useMemo(() => makeTheme(palette, light), [palette, light]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <Textures />
      <RouterProvider router={router} />
    </ThemeProvider>
  );
}

/** Where the card of a place leads. */
function AtPlace() {
  const { place = "" } = useParams();
  return <Navigate to={`/?place=${encodeURIComponent(place)}`} replace />;
}
