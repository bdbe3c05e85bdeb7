using System.Diagnostics;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>
/// Labels on paper, rendered by Poppler and their codes read back by ZBar, both from Debian and neither part of the program.
/// </summary>
public sealed class LabelTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private Guid _batch;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        _batch = await _book.BatchOfBalsamroot();
        await _book.Record(
            _batch,
            "2027-02-12",
            "warn",
            """
            {"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 1",
            "cells":null}}
            """
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private Task<(int Status, JsonNode Body)> Print(string paper, string content, int first = 1, string part = "1") =>
        _book.Post(
            "/api/labels",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","recordedAt":"2027-03-14T18:00:00Z","paper":"{{paper}}",
            "content":"{{content}}","first":{{first}},"parts":[{"batch":"{{_batch}}","part":"{{part}}","entry":"{{Guid.NewGuid()}}"}]}
            """
        );

    private async Task<string> Fetch(JsonNode printed)
    {
        var path = Path.Combine(_book.Folder, "fetched.pdf");
        await File.WriteAllBytesAsync(
            path,
            await _book.Http.GetByteArrayAsync(new Uri(printed["file"]!.GetValue<string>(), UriKind.Relative))
        );
        return path;
    }

    private static string Run(string tool, params string[] words)
    {
        using var process = Process.Start(
            new ProcessStartInfo(tool, words) { RedirectStandardOutput = true, RedirectStandardError = true }
        )!;
        var said = process.StandardOutput.ReadToEnd();
        process.StandardError.ReadToEnd();
        process.WaitForExit();
        return said;
    }

    [Theory]
    [InlineData("a4By24", 1)]
    [InlineData("letterBy30", 30)]
    [InlineData("roll62", 1)]
    public async Task A_label_can_be_read_by_eye_and_by_phone(string paper, int first)
    {
        var (status, printed) = await Print(paper, "outside", first);
        Assert.True(status == 200, printed.ToJsonString());
        var pdf = await Fetch(printed);
        var text = Run("pdftotext", "-layout", pdf, "-");
        foreach (
            var words in new[]
            {
                "arrowleaf balsamroot",
                "Balsamorhiza sagittata",
                "B-1",
                "bag 1",
                "in 12 Feb 2027",
                "due 7 May 2027: sow",
                "lot 1, 2026, slope",
            }
        )
            Assert.Contains(words, text);
        // as fine as the coarsest label printers, 203 dots to the inch
        Run("pdftoppm", "-r", "203", "-gray", "-png", "-singlefile", pdf, Path.Combine(_book.Folder, "label"));
        Assert.Equal(
            $"QR-Code:{_book.Http.BaseAddress!.GetLeftPart(UriPartial.Authority)}/l/1/1",
            Run("zbarimg", "-q", Path.Combine(_book.Folder, "label.png")).Trim()
        );
    }

    [Theory]
    [InlineData("rīm\tslope", "rīm slope", "")]
    [InlineData("north\nwall", "north wall", "")]
    [InlineData("梅園", "□□", "園梅")]
    [InlineData("ridge \ud83c\udf31", "ridge □", "\ud83c\udf31")]
    public async Task What_the_font_lacks_is_a_box_and_is_told(string gatheredAt, string printed, string missing)
    {
        var (_, lot) = await _book.Post(
            "/api/lots",
            new JsonObject
            {
                ["speciesId"] = "balsamroot",
                ["lot"] = new JsonObject
                {
                    ["gatheredAt"] = gatheredAt,
                    ["gatheredOn"] = "2026-07-01",
                    ["counted"] = 300,
                    ["assumedFraction"] = 0.6,
                },
            }.ToJsonString()
        );
        var (told, report) = await _book.Post(
            "/api/told",
            $$"""
            {"save":true,"who":"grower","lines":[{"species":"balsamroot","lot":"{{lot["id"]}}","step":"cold-moist",
            "since":"2027-02-20","seeds":"60","place":""}]}
            """
        );
        Assert.True(told == 200, report.ToJsonString());
        var batches = (await _book.Get("/api/batches")).AsArray();
        _batch = batches.Single(b => b!["id"]!.GetValue<Guid>() != _batch)!["id"]!.GetValue<Guid>();
        var (status, answer) = await Print("a4By24", "both");
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal(missing, string.Concat(answer["missing"]!.AsArray().Select(sign => sign!.GetValue<string>())));
        Assert.Contains($"lot {lot["id"]}, 2026, {printed}", Run("pdftotext", "-layout", await Fetch(answer), "-"));
    }

    [Fact]
    public async Task Every_place_in_use_has_a_card_whose_code_leads_to_its_jobs()
    {
        var pdf = Path.Combine(_book.Folder, "cards.pdf");
        var bytes = await _book.Http.GetByteArrayAsync(
            new Uri("/api/places/cards.pdf", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        await File.WriteAllBytesAsync(pdf, bytes, TestContext.Current.CancellationToken);
        var places = (await _book.Get("/api/places")).AsArray();
        var text = Run("pdftotext", "-layout", pdf, "-");
        Run("pdftoppm", "-r", "150", "-gray", "-png", pdf, Path.Combine(_book.Folder, "card"));
        var codes = string.Concat(Directory.GetFiles(_book.Folder, "card-*.png").Select(page => Run("zbarimg", "-q", page)));
        foreach (var place in places)
        {
            Assert.Contains(place!["name"]!.GetValue<string>().Split(' ')[0], text);
            Assert.Contains($"/at/{place["id"]}\n", codes);
        }
    }

    /// <summary>What leaves the program on paper or for a calendar speaks the units of the site as its screens do.</summary>
    [Theory]
    [InlineData("unitedStates", @"\d\s?(°C|mm|cm|l|km/h)\b")]
    [InlineData("metric", @"\d\s?(°F|in|gal|mph)\b")]
    public async Task Labels_and_calendar_speak_the_units_of_the_site_alone(string units, string other)
    {
        await _book.Put(
            "/api/site?asOf=*",
            $$$"""
            {"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"units":"{{{units}}}"}}
            """
        );
        var words = new System.Text.RegularExpressions.Regex(other);
        foreach (var content in new[] { "outside", "inside" })
        {
            var (status, printed) = await Print("a4By24", content);
            Assert.True(status == 200, printed.ToJsonString());
            Assert.DoesNotMatch(words, Run("pdftotext", "-layout", await Fetch(printed), "-"));
        }
        var calendar = await _book.Http.GetStringAsync(
            new Uri("/api/calendar.ics", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Contains("BEGIN:VEVENT", calendar, StringComparison.Ordinal);
        // long lines are folded after RFC 5545
        Assert.DoesNotMatch(words, calendar.Replace("\r\n ", "", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_print_is_noted_with_the_batch_and_can_be_taken_back()
    {
        async Task<JsonNode> Label() => (await _book.Get("/api/labels"))["parts"]![0]!["label"]!;
        Assert.True((await Label())["stale"]!.GetValue<bool>());
        var (_, printed) = await Print("a4By24", "both");
        Assert.Equal((2, 1), (printed["labels"]!.GetValue<int>(), printed["pages"]!.GetValue<int>()));
        Assert.Equal((false, "2027-03-14"), ((await Label())["stale"]!.GetValue<bool>(), (await Label())["printed"]!.GetValue<string>()));
        var log = (await _book.Get($"/api/batches/{_batch}"))["log"]!.AsArray();
        Assert.Equal("Printed 2 labels.", log[^1]!["words"]!.GetValue<string>());
        await _book.Record(_batch, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{log[^1]!["id"]}}"}""");
        Assert.True((await Label())["stale"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_sheet_that_is_full_goes_on_on_the_next()
    {
        Assert.Equal(2, (await Print("a4By24", "both", first: 24)).Body["pages"]!.GetValue<int>());
        Assert.Equal(1, (await Print("a4By65", "inside", first: 65)).Body["pages"]!.GetValue<int>());
        Assert.Equal(2, (await Print("roll62", "both")).Body["pages"]!.GetValue<int>());
    }

    [Fact]
    public async Task What_cannot_be_printed_says_why_and_leaves_no_entry()
    {
        Assert.Equal("content", (await Print("a4By65", "both")).Body["field"]!.GetValue<string>());
        Assert.Equal("first", (await Print("a4By24", "both", first: 25)).Body["field"]!.GetValue<string>());
        var (status, problem) = await Print("a4By24", "both", part: "9");
        Assert.Equal((404, "parts[0]"), (status, problem["field"]!.GetValue<string>()));
        Assert.Single((await _book.Get($"/api/batches/{_batch}"))["log"]!.AsArray());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/labels/labels-none.pdf")).Status);
    }

    [Fact]
    public async Task Amounts_of_a_mix_by_the_book_and_errors_by_field()
    {
        var (status, mix) = await _book.Post(
            "/api/calculators/mix",
            """{"count":72,"vessel":"cell","parts":[{"part":"peat","parts":4},{"part":"vermiculite","parts":1}],"settling":0}"""
        );
        Assert.True(status == 200, mix.ToJsonString());
        Assert.Equal([2.304, 0.576], mix["parts"]!.AsArray().Select(p => Math.Round(p!["litres"]!.GetValue<double>(), 9)));
        foreach (
            var (json, field) in new[]
            {
                ("""{"count":0,"vessel":"cell","parts":[{"part":"peat","parts":4}]}""", "count"),
                ("""{"count":1,"vessel":"cell","parts":[]}""", "parts"),
                ("""{"count":1,"vessel":"cell","parts":[{"part":"peat","parts":0}]}""", "parts[0].parts"),
                ("""{"count":1,"vessel":"cell","parts":[{"part":"peat","parts":1},{"part":"peat","parts":1}]}""", "parts[1].part"),
                ("""{"count":1,"vessel":"bucket","parts":[{"part":"peat","parts":1}]}""", "vessel"),
                ("""{"count":1,"vessel":"cell","parts":[{"part":"peat","parts":1}],"settling":0.9}""", "settling"),
            }
        )
        {
            var (bad, problem) = await _book.Post("/api/calculators/mix", json);
            Assert.Equal((400, field), (bad, problem["field"]!.GetValue<string>()));
        }
    }
}
