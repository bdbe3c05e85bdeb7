import { lazy, Suspense, useMemo, useState } from "react";
import type { ReactNode } from "react";
import { Alert, Box, Button, Typography } from "@mui/material";
import { useLocation, useNavigate } from "react-router";
import { useSession, useSite } from "../book/queries";
import { WaitingBar } from "../record/WaitingBar";
import { useKeepForBench } from "./useKeepForBench";
import { actDay, shortDay } from "../time/days";
import { useDevice } from "../look/DeviceContext";
import { useKeys } from "../shared/Keys";
import { SCROLLER } from "../shared/scroller";
import { SERIF } from "../look/theme";
import { AppMenu } from "./AppMenu";
import { Doors, Rooms } from "./DoorBar";
import { FOUND_VIEWS } from "./commands";
import { VIEWS } from "./views";
import { WalkStrip } from "./WalkStrip";
import { DoneOnBar } from "../record/DoneOnBar";
import { TOLD_SLOT } from "../record/toldSlot";

const FindDialog = lazy(() =>
  import("../features/finding/FindDialog").then((m) => ({ default: m.FindDialog })),
);

/** Name, day and doors above; the view below. On a phone the doors stand at the lower edge, under the thumb. */
export function Shell({ children }: { children: ReactNode }) {
  const site = useSite().data;
  const session = useSession().data;
  const isIn = session?.role !== null;
  useKeepForBench();
  const { palette } = useDevice();
  const navigate = useNavigate();
  const [finding, setFinding] = useState(false);
  const findKey = useMemo(
    () => (isIn ? [{ key: "/", shown: "/", does: "find", run: () => setFinding(true) }] : []),
    [isIn],
  );
  useKeys(findKey);
  const keys = useMemo(
    () =>
      VIEWS.map((view) => ({
        key: view.key,
        shown: view.key,
        does: `go to ${view.name}`,
        run: () => void navigate(view.path),
      })),
    [navigate],
  );
  // Count takes the digits for counting
  const counting = /^\/count\/./.test(useLocation().pathname);
  useKeys(useMemo(() => (counting ? [] : keys), [counting, keys]));
  return (
    <Box
      sx={{
        height: "100dvh",
        display: "flex",
        flexDirection: "column",
        pb: { xs: 8, md: 0 },
        "@media print": { height: "auto", display: "block", pb: 0 },
      }}
    >
      <Box
        {...{ [SCROLLER]: "" }}
        sx={{
          flex: 1,
          minHeight: 0,
          overflowY: "auto",
          display: "flex",
          flexDirection: "column",
          "@media print": { overflow: "visible", display: "block" },
        }}
      >
        <Box
          component="header"
          sx={{
            bgcolor: palette.card,
            borderBottom: `1px solid ${palette.line}`,
            px: { xs: 2, md: 3 },
            py: 0.75,
            displayPrint: "none",
          }}
        >
          <Box
            sx={{
              display: "flex",
              alignItems: "center",
              gap: { xs: 2, md: 1.5 },
              maxWidth: 1400,
              mx: "auto",
              flexWrap: { xs: "wrap", md: "nowrap" },
            }}
          >
            <Typography
              component="span"
              sx={{ fontFamily: SERIF, fontWeight: 700, fontSize: "1.35rem", color: palette.slate }}
            >
              Gassel
            </Typography>
            {isIn && <Doors />}
            <Box sx={{ ml: "auto", textAlign: "right", lineHeight: 1.25, minWidth: 0 }}>
              <Typography component="div" sx={{ fontWeight: 600 }} data-testid="today">
                {site ? actDay(site.today) : ""}
              </Typography>
              <Typography
                component="div"
                variant="body2"
                color="text.secondary"
                noWrap
                sx={{ display: { xs: "none", sm: "block" } }}
              >
                {site?.site
                  ? `${site.demo ? "made up: " : ""}${site.site.name}` +
                    `${site.nextLastFrost ? ` · last frost about ${shortDay(site.nextLastFrost, site.today)}` : ""}`
                  : "no site yet"}
              </Typography>
              {session?.name && (
                <Typography component="div" variant="body2" data-testid="signed-in-as">
                  {session.name}, {session.role}
                </Typography>
              )}
            </Box>
            {isIn && (
              <Button
                size="small"
                variant="outlined"
                onClick={() => setFinding(true)}
                sx={{ minHeight: 48, minWidth: 56, px: 1 }}
              >
                Find
              </Button>
            )}
            <AppMenu isIn={isIn} />
          </Box>
        </Box>
        {isIn && <Rooms />}
        {site?.loss && (
          <Alert severity="error" sx={{ maxWidth: 1400, mx: "auto", mt: 1 }} data-testid="loss">
            {site.loss}
          </Alert>
        )}
        <WaitingBar />
        <DoneOnBar />
        <Box
          component="main"
          sx={{
            flex: 1,
            width: "100%",
            maxWidth: 1400,
            mx: "auto",
            px: { xs: 1.5, md: 3 },
            py: { xs: 1.5, md: 2 },
          }}
        >
          {children}
          {isIn && site?.demo && <WalkStrip home={site.home ?? null} />}
        </Box>
      </Box>
      {finding && (
        <Suspense fallback={null}>
          <FindDialog views={FOUND_VIEWS} close={() => setFinding(false)} />
        </Suspense>
      )}
      {/* what was just recorded takes room of its own here and lies over nothing */}
      <Box id={TOLD_SLOT} sx={{ displayPrint: "none" }} />
    </Box>
  );
}
