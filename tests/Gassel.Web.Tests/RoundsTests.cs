using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>What Rounds and Batches answer over HTTP, on a book of two batches.</summary>
public sealed class RoundsTests : IAsyncDisposable
{
    private readonly RunningBook _book = new();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static JsonNode Place(JsonNode rounds, string id) =>
        rounds["places"]!.AsArray().Single(p => p!["place"]!["id"]!.GetValue<string>() == id)!;

    [Fact]
    public async Task Parts_stand_where_they_were_put_and_the_late_ones_first()
    {
        await _book.InitializeAsync();
        var first = await _book.BatchOfBalsamroot();
        var second = await _book.BatchOfBalsamroot(seeds: 40);
        Assert.Equal(2, Place(await _book.Get("/api/rounds"), "table")["parts"]!.AsArray().Count);

        await _book.Record(
            first,
            "2027-03-13",
            "warn",
            """
            {"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 1",
            "cells":null}}
            """
        );
        await _book.Record(
            second,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":40,"place":"cold-shelf","vessel":null}"""
        );
        var rounds = await _book.Get("/api/rounds");
        var shelf = Place(rounds, "cold-shelf")["parts"]!.AsArray();
        Assert.Equal([2, 1], shelf.Select(p => p!["number"]!.GetValue<int>()));
        Assert.Equal(1, rounds["dueCount"]!.GetValue<int>());
        var look = shelf[0]!["due"]![0]!;
        Assert.Equal(("checkBag", 6), (look["due"]!["kind"]!.GetValue<string>(), look["due"]!["lateDays"]!.GetValue<int>()));
        Assert.Contains(look["cautions"]!.AsArray(), c => c!["topic"]!.GetValue<string>() == "fridgeBox");
        // four of forty is one in ten
        Assert.Equal(4, shelf[0]!["sowAllFrom"]!.GetValue<int>());

        // balsamroot is sown in the yard, but its sprouts go where no frost reaches them
        Assert.Equal("lamp-shelf", shelf[0]!["sproutsTo"]!.GetValue<string>());
        Assert.Contains(shelf[0]!["due"]!.AsArray(), d => d!["toPlace"]?.GetValue<string>() == "yard");

        await _book.Record(first, "2027-03-14", "warn", """{"kind":"moved","part":"1","place":"yard"}""");
        Assert.Single(Place(await _book.Get("/api/rounds"), "yard")["parts"]!.AsArray());
    }

    [Fact]
    public async Task A_check_settles_what_was_due_and_taking_it_back_makes_it_due_again()
    {
        await _book.InitializeAsync();
        var id = await _book.BatchOfBalsamroot();
        await _book.Record(
            id,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        async Task<int> Due() => (await _book.Get("/api/rounds"))["dueCount"]!.GetValue<int>();
        Assert.Equal(1, await Due());
        var (_, batch) = await _book.Record(
            id,
            "2027-03-14",
            "warn",
            """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}"""
        );
        Assert.Equal(0, await Due());
        var check = batch["log"]!.AsArray()[^1]!["id"]!.GetValue<string>();
        await _book.Record(id, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{check}}"}""");
        Assert.Equal(1, await Due());
    }

    [Fact]
    public async Task A_batch_tells_its_whole_story()
    {
        await _book.InitializeAsync();
        var id = await _book.BatchOfBalsamroot();
        await _book.Record(
            id,
            "2027-02-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        await _book.Record(
            id,
            "2027-02-20",
            "warn",
            """{"kind":"sown","part":"1","place":"yard","vessel":{"kind":"deepCells","label":"deep cells 1","cells":72}}"""
        );
        foreach (var (day, up) in new[] { ("2027-02-27", 2), ("2027-03-02", 9), ("2027-03-06", 14), ("2027-03-09", 6), ("2027-03-13", 5) })
        {
            await _book.Record(id, day, "warn", $$"""{"kind":"count","part":"1","emerged":{{up}},"lost":0}""");
        }
        var batch = await _book.Get($"/api/batches/{id}");
        Assert.Equal(36, batch["germination"]!["germinated"]!.GetValue<int>());
        Assert.Equal(0.6, batch["germination"]!["fraction"]!.GetValue<double>(), 9);
        var result = batch["parts"]![0]!["result"]!;
        Assert.Equal(
            [2 / 60.0, 11 / 60.0, 25 / 60.0, 31 / 60.0, 36 / 60.0],
            result["points"]!.AsArray().Select(p => p!["fraction"]!.GetValue<double>())
        );
        Assert.Equal(81, result["line"]!.AsArray().Count);
        Assert.Equal("wait", result["advice"]!["kind"]!.GetValue<string>());
        Assert.Contains("Sown, deep cells 1, Yard.", batch["log"]!.AsArray().Select(l => l!["words"]!.GetValue<string>()));
        Assert.Contains("36 up of 60", batch["summary"]!["status"]!.GetValue<string>());
        Assert.Equal("deep cells 1", batch["parts"]![0]!["state"]!["vessel"]!["label"]!.GetValue<string>());
    }
}
