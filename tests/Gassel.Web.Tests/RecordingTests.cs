using System.Text;
using System.Text.Json.Nodes;
using Gassel.Core.Record;
using Gassel.Data;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

public sealed class RecordingTests : IAsyncDisposable
{
    private readonly RunningBook _book = new();

    private async Task<Guid> Sown()
    {
        await _book.InitializeAsync();
        var id = await _book.BatchOfBalsamroot();
        var (status, body) = await _book.Record(
            id,
            "2027-03-01",
            "warn",
            """
            {"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 1",
            "cells":null}}
            """
        );
        Assert.True(status == 200, body.ToJsonString());
        await _book.Record(id, "2027-03-05", "warn", """{"kind":"sown","part":"1","place":"yard","vessel":null}""");
        return id;
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static int Up(JsonNode batch) => batch["parts"]![0]!["state"]!["emerged"]!.GetValue<int>();

    [Fact]
    public async Task More_seedlings_than_seed_is_warned_of_and_nothing_is_saved()
    {
        var id = await Sown();
        var (status, problem) = await _book.Record(id, "2027-03-10", "warn", """{"kind":"count","part":"1","emerged":61,"lost":0}""");
        Assert.Equal(409, status);
        Assert.Contains("61 new seedlings, but only 60", problem["detail"]!.GetValue<string>());
        Assert.Equal(0, Up(await _book.Get($"/api/batches/{id}")));
        Assert.Equal(2, (await _book.Get($"/api/batches/{id}"))["log"]!.AsArray().Count);
    }

    [Fact]
    public async Task The_same_from_a_late_device_is_kept_as_a_conflict_on_rounds()
    {
        var id = await Sown();
        var (status, _) = await _book.Record(id, "2027-03-10", "keep", """{"kind":"count","part":"1","emerged":61,"lost":0}""");
        Assert.Equal(200, status);
        var conflict = Assert.Single((await _book.Get("/api/rounds"))["conflicts"]!.AsArray())!;
        Assert.Contains("only 60", conflict["why"]!.GetValue<string>());
        Assert.Equal(0, Up(await _book.Get($"/api/batches/{id}")));
    }

    [Fact]
    public async Task A_gesture_of_which_one_entry_does_not_fit_saves_none()
    {
        var id = await Sown();
        var (status, _) = await _book.Record(
            id,
            "2027-03-10",
            "warn",
            """{"kind":"count","part":"1","emerged":5,"lost":0}""",
            """{"kind":"count","part":"1","emerged":0,"lost":9}"""
        );
        Assert.Equal(409, status);
        Assert.Equal(0, Up(await _book.Get($"/api/batches/{id}")));
    }

    [Fact]
    public async Task The_same_request_twice_is_recorded_once()
    {
        var id = await Sown();
        var gesture = RunningBook.Gesture("2027-03-10", "warn", """{"kind":"count","part":"1","emerged":5,"lost":0}""");
        await _book.Post($"/api/batches/{id}/entries", gesture);
        var (status, _) = await _book.Post($"/api/batches/{id}/entries", gesture);
        Assert.Equal(200, status);
        Assert.Equal(5, Up(await _book.Get($"/api/batches/{id}")));
    }

    [Fact]
    public async Task An_id_of_another_batch_is_refused_and_nothing_of_the_request_is_saved()
    {
        var one = await Sown();
        var other = await _book.BatchOfBalsamroot(20);
        var taken = (await _book.Get($"/api/batches/{one}"))["log"]![0]!["id"]!.GetValue<string>();
        string Entry(string id) =>
            $$$"""
                {"id":"{{{id}}}","doneOn":"2027-03-06","doneAt":null,"recordedAt":"2027-03-14T18:00:00Z",
                "payload":{"kind":"note","part":null,"text":"x"}}
                """;
        var (status, problem) = await _book.Post(
            $"/api/batches/{other}/entries",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"warn",
            "entries":[{{Entry($"{Guid.NewGuid()}")}},{{Entry(taken)}}]}
            """
        );
        Assert.Equal((409, "id"), (status, problem["field"]!.GetValue<string>()));
        // the same new id for two batches: neither has it
        var twice = Entry($"{Guid.NewGuid()}");
        (status, _) = await _book.Post(
            "/api/entries",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"warn","batches":[{"batch":"{{one}}","entries":[{{twice}}]},
            {"batch":"{{other}}","entries":[{{twice}}]}]}
            """
        );
        Assert.Equal(409, status);
        Assert.Empty((await _book.Get($"/api/batches/{other}"))["log"]!.AsArray());
        Assert.Equal(2, (await _book.Get($"/api/batches/{one}"))["log"]!.AsArray().Count);
    }

    [Fact]
    public async Task Sprouts_picked_out_divide_the_batch_in_one_gesture_and_in_order()
    {
        await _book.InitializeAsync();
        var id = await _book.BatchOfBalsamroot();
        await _book.Record(
            id,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        var (status, batch) = await _book.Record(
            id,
            "2027-03-12",
            "warn",
            """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":3}""",
            """{"kind":"split","part":"1","children":[{"part":"1.1","seeds":3,"sprouted":3},{"part":"1.2","seeds":57,"sprouted":0}]}""",
            """{"kind":"sown","part":"1.1","place":"yard","vessel":{"kind":"pot","label":"sprouts","cells":null}}"""
        );
        Assert.True(status == 200, batch.ToJsonString());
        Assert.Equal(3, batch["germination"]!["germinated"]!.GetValue<int>());
        Assert.Equal(
            60,
            batch["parts"]!
                .AsArray()
                .Where(p => !p!["state"]!["divided"]!.GetValue<bool>())
                .Sum(p => p!["state"]!["seeds"]!.GetValue<int>())
        );
    }

    [Fact]
    public async Task Taking_back_a_start_offers_what_stands_on_it()
    {
        var id = await Sown();
        var start = (await _book.Get($"/api/batches/{id}"))["log"]![0]!["id"]!.GetValue<string>();
        var (status, problem) = await _book.Record(id, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{start}}"}""");
        Assert.Equal(409, status);
        var chain = problem["chain"]!.AsArray().Select(e => e!["id"]!.GetValue<string>()).ToList();
        Assert.Equal(2, chain.Count);
        var (all, batch) = await _book.Record(id, "2027-03-14", "warn", [.. chain.Select(e => $$"""{"kind":"void","entry":"{{e}}"}""")]);
        Assert.Equal(200, all);
        Assert.Null(batch["germination"]);
    }

    [Theory]
    [InlineData("""{"kind":"count","part":"1","emerged":-1,"lost":0}""", "entries[0].payload.emerged")]
    [InlineData("""{"kind":"count","part":"1","emerged":1}""", "entries[0].payload.lost")]
    [InlineData("""{"kind":"count","part":"","emerged":1,"lost":0}""", "entries[0].payload.part")]
    [InlineData("""{"kind":"watered","part":"1"}""", "entries[0].payload.kind")]
    [InlineData("""{"part":"1"}""", "entries[0].payload.kind")]
    [InlineData("""{"kind":"moved","part":"1","place":"moon"}""", "entries[0].payload.place")]
    [InlineData(
        """{"kind":"moved","part":"1","place":"table","some":{"part":"1a","plants":0,"seeds":5,"cells":[]}}""",
        "entries[0].payload.some.cells"
    )]
    [InlineData("""{"kind":"check","part":"1","moisture":"wettish","mould":"none","sprouted":0}""", "entries[0].payload.moisture")]
    [InlineData(
        """{"kind":"split","part":"1","children":[{"part":"1.1","seeds":3,"sprouted":4},{"part":"1.2","seeds":57,"sprouted":0}]}""",
        "entries[0].payload.children[0].sprouted"
    )]
    public async Task A_wrong_shape_is_refused_with_its_field(string payload, string field)
    {
        var id = await Sown();
        var (status, problem) = await _book.Record(id, "2027-03-10", "keep", payload);
        Assert.Equal(400, status);
        Assert.Equal(field, problem["field"]?.GetValue<string>());
    }

    /// <summary>At 05:30 UTC on the 15th it is still the 14th in Denver.</summary>
    [Fact]
    public async Task Tomorrow_at_the_site_is_refused_even_if_it_is_today_elsewhere()
    {
        var id = await Sown();
        Assert.Equal("2027-03-14", (await _book.Get("/api/site"))["today"]!.GetValue<string>());
        var (status, problem) = await _book.Record(id, "2027-03-15", "warn", """{"kind":"note","part":null,"text":"early"}""");
        Assert.Equal(400, status);
        Assert.Equal("entries[0].doneOn", problem["field"]!.GetValue<string>());
        _book.Clock.Advance(TimeSpan.FromHours(1));
        Assert.Equal(200, (await _book.Record(id, "2027-03-15", "warn", """{"kind":"note","part":null,"text":"now"}""")).Status);
    }

    [Fact]
    public async Task Unknown_ids_are_not_found_with_their_value()
    {
        await Sown();
        var nowhere = Guid.NewGuid();
        var (status, problem) = await _book.Record(nowhere, "2027-03-10", "warn", """{"kind":"note","part":null,"text":"x"}""");
        Assert.Equal(404, status);
        Assert.Contains(nowhere.ToString(), problem["detail"]!.GetValue<string>());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, $"/api/batches/{nowhere}")).Status);
    }

    [Fact]
    public async Task A_body_over_its_limit_is_413()
    {
        var id = await Sown();
        var (status, problem) = await _book.Post($"/api/batches/{id}/entries", "{\"who\":\"" + new string('x', 1_200_000) + "\"}");
        Assert.Equal(413, status);
        Assert.NotNull(problem["detail"]);
    }

    /// <summary>What the shelf keeps in memory is what a fresh program reads from the file.</summary>
    [Fact]
    public async Task Cached_state_is_cold_state_after_a_random_history()
    {
        var id = await Sown();
        var random = new Random(7);
        for (var i = 0; i < 40; i++)
        {
            var day = new DateOnly(2027, 3, 1)
                .AddDays(random.Next(14))
                .ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
            var known = (await _book.Get($"/api/batches/{id}"))["log"]!.AsArray();
            var payload = random.Next(4) switch
            {
                0 => $$"""{"kind":"void","entry":"{{known[random.Next(known.Count)]!["id"]}}"}""",
                1 => """{"kind":"check","part":"1","moisture":"dry","mould":"some","sprouted":1}""",
                _ => $$"""{"kind":"count","part":"1","emerged":{{random.Next(9)}},"lost":{{random.Next(3)}}}""",
            };
            await _book.Record(id, day, "keep", payload);
        }
        var cached = (await _book.Get($"/api/batches/{id}")).ToJsonString();
        await _book.Restart();
        Assert.Equal(cached, (await _book.Get($"/api/batches/{id}")).ToJsonString());
    }

    [Fact]
    public async Task Sixteen_at_once_lose_nothing()
    {
        var id = await Sown();
        await Task.WhenAll(
            Enumerable
                .Range(0, 16)
                .Select(async writer =>
                {
                    for (var i = 0; i < 3; i++)
                    {
                        var (status, body) = await _book.Record(
                            id,
                            "2027-03-12",
                            "warn",
                            """{"kind":"count","part":"1","emerged":1,"lost":0}"""
                        );
                        Assert.True(status == 200, body.ToJsonString());
                    }
                })
        );
        Assert.Equal(48, Up(await _book.Get($"/api/batches/{id}")));
    }

    [Fact]
    public async Task An_entry_of_a_newer_program_stays_in_the_file_and_is_listed()
    {
        var id = await Sown();
        await using (var db = _book.Services.GetRequiredService<Func<GasselDb>>()())
        {
            var row = EntryCodec.ToRow(
                new Entry(Guid.NewGuid(), 0, Guid.NewGuid(), new(2027, 3, 9), null, default, "x", EntrySource.Hand, new Note(null, "x")),
                id,
                default
            );
            (row.Kind, row.Version) = ("prickedOut", 3);
            db.Entries.Add(row);
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await _book.Restart();
        var batch = await _book.Get($"/api/batches/{id}");
        Assert.Contains(batch["log"]!.AsArray(), l => l!["conflict"]?.GetValue<string>().Contains("newer Gassel") == true);
    }

    [Fact]
    public async Task A_file_of_counts_is_judged_row_by_row_and_saved_only_when_asked()
    {
        var id = await Sown();
        const string file =
            "date,emerged,lost\n2027-03-08,4,0\n2027-03-09,x,0\n2027-02-30,1,0\n2027-03-20,1,0\n"
            + "2027-03-10,50,1\n2027-03-11,9,0\n2027-03-08,1,0\n2027-03-12,1,-1\n";
        async Task<(int, JsonNode)> Upload(byte[] bytes, bool save)
        {
            var content = new ByteArrayContent(bytes);
            content.Headers.ContentType = new("text/csv");
            return await _book.Send(
                HttpMethod.Post,
                $"/api/batches/{id}/parts/1/counts-file?save={(save ? "true" : "false")}&who=grower",
                content
            );
        }
        var (status, report) = await Upload(Encoding.UTF8.GetBytes(file), save: false);
        Assert.Equal(200, status);
        Assert.Equal((2, 6), (report["accepted"]!.GetValue<int>(), report["refused"]!.GetValue<int>()));
        string Why(int line) => report["rows"]!.AsArray().Single(r => r!["line"]!.GetValue<int>() == line)!["refused"]!.GetValue<string>();
        Assert.Contains("'x'", Why(3));
        Assert.Contains("exists", Why(4));
        Assert.Contains("up to today", Why(5));
        Assert.Contains("only 6", Why(7));
        Assert.Contains("already", Why(8));
        Assert.Contains("'-1'", Why(9));
        Assert.Equal(0, Up(await _book.Get($"/api/batches/{id}")));

        var (_, saved) = await Upload(Encoding.UTF8.GetBytes("\uFEFF" + file), save: true);
        Assert.True(saved["saved"]!.GetValue<bool>());
        Assert.Equal(54, Up(await _book.Get($"/api/batches/{id}")));

        var (_, again) = await Upload(Encoding.UTF8.GetBytes(file), save: true);
        Assert.Equal(0, again["accepted"]!.GetValue<int>());

        foreach (
            var (bytes, words) in new (byte[], string)[]
            {
                (Encoding.Unicode.GetBytes(file), "UTF-8"),
                ([0x64, 0xe9, 0x0a], "UTF-8"),
                (Encoding.UTF8.GetBytes("day;new\n1;2\n"), "date,emerged,lost"),
                ([], "empty"),
            }
        )
        {
            var (wrong, problem) = await Upload(bytes, save: true);
            Assert.Equal(400, wrong);
            Assert.Contains(words, problem["detail"]!.GetValue<string>());
        }
        var (large, _) = await Upload(
            Encoding.UTF8.GetBytes("date,emerged,lost\n" + string.Concat(Enumerable.Repeat("2027-03-08,1,0\n", 40_000))),
            save: true
        );
        Assert.Equal(413, large);
    }
}
