using Microsoft.Data.Sqlite;

namespace Gassel.Web.Tests;

/// <summary>One entry or one batch that cannot be reckoned with shuts no view for the others.</summary>
public sealed class LoneBatchTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private void Change(string sql, params (string Name, object Value)[] values)
    {
        using var connection = new SqliteConnection($"Data Source={Path.Combine(_book.Folder, "gassel.db")}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        foreach (var (name, value) in values)
            command.Parameters.AddWithValue(name, value);
        Assert.True(command.ExecuteNonQuery() > 0);
    }

    [Theory]
    [InlineData("9999-12-31T23:00:00Z")]
    [InlineData("0001-01-01T00:00:00Z")]
    [InlineData("2027-03-17T09:00:00Z")]
    public async Task A_moment_of_another_day_is_refused(string moment)
    {
        var batch = await _book.BatchOfBalsamroot();
        var (status, problem) = await _book.Post(
            $"/api/batches/{batch}/entries",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"grower","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14","doneAt":"{{moment}}",
            "recordedAt":"2027-03-14T18:00:00Z",
             "payload":{"kind":"stepStarted","part":"1","step":0,"seeds":60} }]}
            """
        );
        Assert.Equal((400, "entries[0].doneAt"), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_device_clock_of_the_year_9999_is_refused()
    {
        var batch = await _book.BatchOfBalsamroot();
        var gesture = RunningBook
            .Gesture("2027-03-14", "warn", """{"kind":"note","part":null,"text":"x"}""")
            .Replace("2027-03-14T18", "9999-03-14T18", StringComparison.Ordinal);
        Assert.Equal(400, (await _book.Post($"/api/batches/{batch}/entries", gesture)).Status);
    }

    [Fact]
    public async Task An_entry_of_an_older_book_whose_moment_is_of_another_day_is_a_conflict_and_every_view_opens()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Record(batch, "2027-03-14", "warn", """{"kind":"stepStarted","part":"1","step":0,"seeds":60}""");
        Change("UPDATE entries SET DoneAt = 253402297199000");
        await _book.Restart();
        foreach (var view in new[] { "/api/rounds", "/api/season", "/api/count", "/api/batches", $"/api/batches/{batch}" })
            Assert.NotNull(await _book.Get(view));
        Assert.Contains("another date", (await _book.Get("/api/rounds"))["conflicts"]![0]!["why"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_batch_that_cannot_be_computed_is_named_alone_and_its_entry_can_be_taken_back()
    {
        var (bad, good) = (await _book.BatchOfBalsamroot(), await _book.BatchOfBalsamroot());
        await _book.Record(bad, "2027-03-14", "warn", """{"kind":"stepStarted","part":"1","step":0,"seeds":60}""");
        // as if an older Gassel had let it in: days that no calendar holds
        var (_, replanned) = await _book.Record(
            bad,
            "2027-03-14",
            "warn",
            """{"kind":"replanned","steps":[{"step":0,"days":40}],"target":"2027-09-01"}"""
        );
        Assert.NotNull(replanned["log"]);
        Change("UPDATE entries SET Payload = replace(Payload, '\"days\":40', '\"days\":9000000') WHERE Kind = 'replanned'");
        await _book.Restart();

        var rounds = await _book.Get("/api/rounds");
        Assert.Equal(bad, rounds["aside"]![0]!["id"]!.GetValue<Guid>());
        Assert.Contains(rounds["places"]!.AsArray().SelectMany(p => p!["parts"]!.AsArray()), p => p!["batchId"]!.GetValue<Guid>() == good);
        foreach (
            var view in new[]
            {
                "/api/season",
                "/api/count",
                "/api/batches",
                "/api/closing",
                "/api/closing/years",
                "/api/lots",
                "/api/labels",
                "/api/yard",
                "/api/temperatures",
            }
        )
            Assert.NotNull(await _book.Get(view));
        using (var feed = await _book.Http.GetAsync("/api/calendar.ics", TestContext.Current.CancellationToken))
            Assert.True(feed.IsSuccessStatusCode);

        var (status, page) = await _book.Send(HttpMethod.Get, $"/api/batches/{bad}");
        Assert.Equal(422, status);
        var wrong = page["log"]!
            .AsArray()
            .Single(l =>
                l!["words"]!.GetValue<string>().StartsWith("Took", StringComparison.Ordinal)
                || l["words"]!.GetValue<string>().Contains("plan", StringComparison.OrdinalIgnoreCase)
            );
        var (undone, view2) = await _book.Record(bad, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{wrong!["id"]}}"}""");
        Assert.Equal(200, undone);
        Assert.NotNull(view2["summary"]);
        Assert.Empty((await _book.Get("/api/rounds"))["aside"]!.AsArray());
    }

    [Fact]
    public async Task Two_names_in_one_text_are_no_name()
    {
        var (status, problem) = await _book.Post(
            "/api/calculators/viability",
            """{"school":"share","initial":0.8,"ageYears":3,"longevity":"medium,long"}"""
        );
        Assert.Equal((400, "longevity"), (status, problem["field"]!.GetValue<string>()));
        // a free text with a comma stays one
        var batch = await _book.BatchOfBalsamroot();
        Assert.Equal(200, (await _book.Record(batch, "2027-03-14", "warn", """{"kind":"note","part":null,"text":"wet,cold"}""")).Status);
    }
}
