using System.Text.Json;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Tables read from files: a row is taken whole or not at all, and nothing before it is said.</summary>
public sealed class IntakeTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot();
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<JsonNode> Read(string table, string text, bool save = false, int[]? at = null)
    {
        var (status, report) = await _book.Post(
            $"/api/intake/{table}",
            JsonSerializer.Serialize(
                new
                {
                    text,
                    at,
                    save,
                    who = "me",
                }
            )
        );
        Assert.True(status == 200, report.ToJsonString());
        return report;
    }

    private static (int, int, int) Counts(JsonNode report) =>
        (report["fresh"]!.GetValue<int>(), report["same"]!.GetValue<int>(), report["refused"]!.GetValue<int>());

    private static string Said(JsonNode report, int line) =>
        report["lines"]!.AsArray().Single(l => l!["line"]!.GetValue<int>() == line)!["verdict"]!["words"]!.GetValue<string>();

    private Task<string> Written(string table, RunningBook? book = null) =>
        (book ?? _book).Http.GetStringAsync($"/api/tables/{table}.csv", TestContext.Current.CancellationToken);

    [Fact]
    public async Task Lots_are_judged_row_by_row_and_kept_only_when_it_is_said()
    {
        const string file = """
            species;gathered_at;gathered_on;seeds;note
            blue flax;Wet meadow;12 Jul 2026;250;'-3 degrees at night
            blue flx;slope;2026-07-12;10;
            blue flax;slope;2030-07-12;10;
            blue flax;slope;2026-07-12;none;
            blue flax;;2026-07-12;10;
            """;
        var report = await Read("lots", file);
        Assert.Equal((1, 0, 4), Counts(report));
        Assert.Contains("blue flax", Said(report, 3), StringComparison.Ordinal);
        Assert.Contains("gathered_on was 2030-07-12", Said(report, 4), StringComparison.Ordinal);
        Assert.Contains("seeds was 'none'", Said(report, 5), StringComparison.Ordinal);
        Assert.Contains("gathered_at", Said(report, 6), StringComparison.Ordinal);
        Assert.Single((await _book.Get("/api/lots")).AsArray());

        Assert.True((await Read("lots", file, save: true))["saved"]!.GetValue<bool>());
        var kept = (await _book.Get("/api/lots")).AsArray().Single(l => l!["details"]!["speciesId"]!.GetValue<string>() == "blue-flax")!;
        Assert.Equal(250, kept["seeds"]!.GetValue<int>());
        Assert.Equal("-3 degrees at night", kept["details"]!["lot"]!["note"]!.GetValue<string>());
        // once more: nothing is there twice
        Assert.Equal((0, 1, 4), Counts(await Read("lots", file, save: true)));
        Assert.Equal(2, (await _book.Get("/api/lots")).AsArray().Count);
    }

    [Fact]
    public async Task Columns_of_other_names_are_asked_for()
    {
        const string file = "Art,Ort,Tag,Zahl\nblue flax,slope,2026-07-12,40\n";
        var report = await Read("lots", file);
        Assert.Equal(["Art", "Ort", "Tag", "Zahl"], report["header"]!.AsArray().Select(h => h!.GetValue<string>()));
        Assert.Empty(report["lines"]!.AsArray());
        int[] at =
        [
            .. report["columns"]!
                .AsArray()
                .Select(c => c!["name"]!.GetValue<string>())
                .Select(n => Array.IndexOf(["species", "gathered_at", "gathered_on", "seeds"], n)),
        ];
        Assert.Equal((1, 0, 0), Counts(await Read("lots", file, at: at)));
        var (status, problem) = await _book.Post(
            "/api/intake/lots",
            JsonSerializer.Serialize(
                new
                {
                    text = file,
                    at = new[] { 9 },
                    save = false,
                    who = "me",
                }
            )
        );
        Assert.Equal((400, "at"), (status, problem["field"]!.GetValue<string>()));
    }

    /// <summary>What one book writes another reads, and writes the same again; the book it came from has it all already.</summary>
    [Theory]
    [InlineData("species")]
    [InlineData("routes")]
    [InlineData("lots")]
    public async Task What_is_written_is_read_again(string table)
    {
        var text = await Written(table);
        var rows = text.Split('\n').Length - 2;
        var own = await Read(table, text, save: true);
        Assert.Equal((0, rows, 0), Counts(own));
        // two species of which another book has nothing yet
        var strange = text.Replace("Linum lewisii", "Linum inventum", StringComparison.Ordinal);
        if (table == "species")
        {
            Assert.Equal((1, rows - 1, 0), Counts(await Read(table, strange, save: true)));
            var again = (await Written(table)).Split('\n').Single(l => l.Contains("Linum inventum", StringComparison.Ordinal));
            var before = strange.Split('\n').Single(l => l.Contains("Linum inventum", StringComparison.Ordinal));
            // its short name is another one, and how it lives where it is planted is written and not read
            before = before.Replace(",medium,30,", ",medium,,", StringComparison.Ordinal);
            Assert.Equal(before[before.IndexOf(',', StringComparison.Ordinal)..], again[again.IndexOf(',', StringComparison.Ordinal)..]);
        }
    }

    [Fact]
    public async Task A_changed_route_is_its_next_version_and_a_wrong_step_refuses_the_whole_route()
    {
        var lines = (await Written("routes")).Split('\n');
        var header = lines[0].Split(',').ToList();
        var mine = lines
            .Where(l => l.StartsWith("Balsamorhiza", StringComparison.Ordinal) && l.Contains("cold", StringComparison.Ordinal))
            .ToList();
        var id = mine[0].Split(',')[header.IndexOf("route")];
        var route = lines.Where(l => l.Contains($",{id},", StringComparison.Ordinal)).ToList();
        var usual = header.IndexOf("usual");
        string With(string line, string value)
        {
            var cells = line.Split(',');
            cells[usual] = value;
            return string.Join(',', cells);
        }
        var shortest = route[0].Split(',')[header.IndexOf("longest")];
        var changed = string.Join('\n', [lines[0], With(route[0], shortest), .. route.Skip(1)]);
        var report = await Read("routes", changed, save: true);
        Assert.Equal((route.Count, 0, 0), Counts(report));
        Assert.Contains("version 2", Said(report, 2), StringComparison.Ordinal);
        var broken = string.Join('\n', [lines[0], With(route[0], "x"), .. route.Skip(1)]);
        report = await Read("routes", broken, save: true);
        Assert.Equal((0, 0, route.Count), Counts(report));
        Assert.Contains("usual was 'x'", Said(report, 2), StringComparison.Ordinal);
        Assert.Contains("whole route", Said(report, 3), StringComparison.Ordinal);
        // a step that the hazard of a species forbids is no more taken from a file than from a form
        report = await Read(
            "routes",
            "species,name,kind,shortest,usual,longest\nPonderosa baneberry,x,soak,1,1,1\n".Replace(
                "Ponderosa baneberry",
                await Toxic(),
                StringComparison.Ordinal
            )
        );
        Assert.Equal((0, 0, 1), Counts(report));
        Assert.Contains("toxic", Said(report, 2), StringComparison.Ordinal);
    }

    private async Task<string> Toxic() =>
        (await _book.Get("/api/species")).AsArray().Select(s => s!["species"]!).First(s => s["hazard"]!.GetValue<string>() == "toxic")[
            "scientificName"
        ]!.GetValue<string>();

    [Fact]
    public async Task Plants_move_on_by_a_file_as_far_as_there_are_any()
    {
        var batch = (await _book.Get("/api/batches"))[0]!["id"]!.GetValue<Guid>();
        async Task Must(string day, string payload)
        {
            var (status, said) = await _book.Record(batch, day, "keep", payload);
            Assert.True(status == 200, said.ToJsonString());
        }
        await Must(
            "2027-01-01",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 7"}}"""
        );
        await Must(
            "2027-02-01",
            """{"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"deepCells","label":"rack 1","cells":72}}"""
        );
        await Must("2027-02-20", """{"kind":"count","part":"1","emerged":12,"lost":0}""");
        const string file = """
            batch,date,from,to,plants
            B-1,2027-03-01,seedling,potted,8
            B-1,2027-03-02,seedling,potted,5
            B-1,2027-03-03,seedling,potted,4
            B-7,2027-03-03,seedling,potted,4
            B-1,2027-03-03,seedling,out,4
            """;
        var report = await Read("plant-moves", file);
        Assert.Equal((2, 0, 3), Counts(report));
        Assert.Contains("B-7", Said(report, 5), StringComparison.Ordinal);
        await Read("plant-moves", file, save: true);
        var stages = (await _book.Get($"/api/batches/{batch}"))["plants"]!["stages"]!.AsArray();
        Assert.Equal(12, stages.Single(s => s!["stage"]!.GetValue<string>() == "potted")!["alive"]!.GetValue<int>());
        Assert.Equal((0, 2, 3), Counts(await Read("plant-moves", file, save: true)));
        Assert.Equal(
            ["batch,part,date,from,to,plants", "B-1,1,2027-03-01,seedling,potted,8", "B-1,1,2027-03-03,seedling,potted,4", ""],
            (await Written("plant-moves")).Split('\n')
        );
    }

    [Theory]
    [InlineData("lots", "", "text")]
    [InlineData("lots", "a,b\n\"open,1\n", "text")]
    [InlineData("nonsense", "a,b\n", "table")]
    public async Task A_file_that_is_none_is_refused(string table, string text, string field)
    {
        var (_, problem) = await _book.Post(
            $"/api/intake/{table}",
            JsonSerializer.Serialize(
                new
                {
                    text,
                    save = true,
                    who = "me",
                }
            )
        );
        Assert.Equal(field, problem["field"]!.GetValue<string>());
    }
}
