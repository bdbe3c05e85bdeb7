import { useMemo, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import MiniSearch from "minisearch";
import Markdown from "react-markdown";
import { Link, useParams } from "react-router";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { NoSuchView } from "../../shared/NoSuchView";
import { useUnits } from "../../shared/units";
import { PAGES, inShort, saidIn } from "./pages";
import type { HandbookPage, PageKind } from "./pages";
import { pictureOf } from "./pictures";
import { WordsField } from "../../shared/WordsField";

const KINDS: Record<PageKind, string> = {
  view: "The views",
  school: "Where growers differ",
  model: "What is reckoned, and its limits",
};

/** The handbook: a page a view, a school and a model; searched on the device, and printed whole. */
export function Handbook() {
  const { page: id } = useParams();
  const page = PAGES.find((one) => one.id === id);
  if (id === undefined) return <Contents />;
  return page ? <Page page={page} /> : <NoSuchView />;
}

function Page({ page }: { page: HandbookPage }) {
  return (
    <Card label={page.title} sx={{ maxWidth: "72ch", mx: "auto" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 1, displayPrint: "none" }}>
        <Button component={Link} to="/help" variant="outlined">
          Handbook
        </Button>
        {page.at !== "" && page.id !== "batch" && (
          <Button component={Link} to={page.at}>
            Go there
          </Button>
        )}
        <Button onClick={() => window.print()}>Print</Button>
      </Box>
      <Typography variant="h1">{page.title}</Typography>
      <Text page={page} />
    </Card>
  );
}

function Text({ page }: { page: HandbookPage }) {
  const { palette } = useDevice();
  const units = useUnits();
  return (
    <Box
      sx={{
        fontSize: "1.05rem",
        lineHeight: 1.5,
        "& p": { my: 1.25 },
        "& code": { px: 0.75, border: `1px solid ${palette.line}`, borderRadius: 1 },
      }}
    >
      <Markdown>{saidIn(page.text, units)}</Markdown>
      <Picture page={page} />
    </Box>
  );
}

function Picture({ page }: { page: HandbookPage }) {
  const { palette } = useDevice();
  const picture = page.kind === "view" ? pictureOf(page.id) : undefined;
  if (picture === undefined) return null;
  return (
    <Box component="figure" sx={{ m: 0, mt: 2, breakInside: "avoid" }}>
      <Box
        component="img"
        src={picture}
        loading="lazy"
        alt={`The view “${page.title}” of the made-up nursery`}
        sx={{ maxWidth: "100%", maxHeight: "70vh", border: `1px solid ${palette.line}`, borderRadius: 1 }}
      />
      <Typography component="figcaption" variant="body2" color="text.secondary">
        From the made-up nursery of the demo; its amounts are metric.
      </Typography>
    </Box>
  );
}

function Contents() {
  const [asked, setAsked] = useState("");
  const search = useMemo(() => {
    const index = new MiniSearch<HandbookPage>({ fields: ["title", "text"], idField: "id" });
    index.addAll(PAGES);
    return index;
  }, []);
  const found =
    asked.trim() === ""
      ? null
      : search
          .search(asked, { prefix: true, fuzzy: 0.2, boost: { title: 3 } })
          .flatMap(({ id }) => PAGES.find((page) => page.id === id) ?? []);
  return (
    <>
      <Box
        sx={{
          display: "flex",
          flexWrap: "wrap",
          gap: 2,
          alignItems: "center",
          mb: 1.5,
          displayPrint: "none",
        }}
      >
        <Typography variant="h1">Handbook</Typography>
        <WordsField
          label="Look for"
          name="handbook"
          type="search"
          value={asked}
          onChange={setAsked}
          sx={{ flex: "0 1 320px" }}
        />
        <Button onClick={() => window.print()}>Print all of it</Button>
      </Box>
      {found === null ? (
        (Object.keys(KINDS) as PageKind[]).map((kind) => (
          <Box key={kind} component="section" aria-label={KINDS[kind]} sx={{ mb: 2, displayPrint: "none" }}>
            <Typography variant="h2">{KINDS[kind]}</Typography>
            <Entries pages={PAGES.filter((page) => page.kind === kind)} />
          </Box>
        ))
      ) : found.length > 0 ? (
        <Box sx={{ displayPrint: "none" }}>
          <Entries pages={found} />
        </Box>
      ) : (
        <Typography>No page says anything of “{asked.trim()}”.</Typography>
      )}
      <Box sx={{ display: "none", displayPrint: "block" }}>
        {PAGES.map((page) => (
          <Box key={page.id} sx={{ breakInside: "avoid", mb: 2 }}>
            <Typography variant="h2">{page.title}</Typography>
            <Text page={page} />
          </Box>
        ))}
      </Box>
    </>
  );
}

/** Each page by its title, with what it says first. */
function Entries({ pages }: { pages: HandbookPage[] }) {
  const { palette } = useDevice();
  const units = useUnits();
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: "1fr 1fr", lg: "1fr 1fr 1fr" },
        columnGap: 3,
      }}
    >
      {pages.map((page) => (
        <Box
          key={page.id}
          component={Link}
          to={`/help/${page.id}`}
          data-testid={`help-${page.id}`}
          sx={{
            display: "block",
            py: 1,
            minHeight: 56,
            borderTop: `1px solid ${palette.line}`,
            color: palette.ink,
            textDecoration: "none",
            "&:hover": { bgcolor: palette.card },
          }}
        >
          <Typography variant="h3" component="span" sx={{ display: "block", color: palette.slate }}>
            {page.title}
          </Typography>
          <Typography component="span" variant="body2" sx={{ display: "block" }}>
            {saidIn(inShort(page), units)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
