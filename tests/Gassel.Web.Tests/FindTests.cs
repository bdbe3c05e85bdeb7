using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>What can be looked for, with where it is shown.</summary>
public sealed class FindTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<List<JsonNode>> All() => [.. (await _book.Get("/api/find")).AsArray().Select(n => n!)];

    [Fact]
    public async Task An_empty_book_has_its_species_and_places()
    {
        var kinds = (await All()).Select(f => f["kind"]!.GetValue<string>()).ToHashSet();
        Assert.True(kinds.SetEquals(["species", "place"]));
    }

    [Fact]
    public async Task A_batch_is_found_with_its_vessel_and_its_notes_by_the_day_something_happened()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Record(
            batch,
            "2027-03-14",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 7"}}""",
            """{"kind":"note","part":null,"text":"mice were at the door"}"""
        );
        var all = await All();
        JsonNode One(string kind) => Assert.Single(all, f => f["kind"]!.GetValue<string>() == kind);
        Assert.Equal("B-1 arrowleaf balsamroot", One("batch")["title"]!.GetValue<string>());
        Assert.Contains("Balsamorhiza sagittata", One("batch")["more"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal($"/batches/{batch}", One("batch")["path"]!.GetValue<string>());
        Assert.Equal("bag 7", One("vessel")["title"]!.GetValue<string>());
        Assert.Equal("mice were at the door", One("note")["title"]!.GetValue<string>());
        Assert.Equal("2027-03-14", One("note")["on"]!.GetValue<string>());
        Assert.Equal("lot", One("lot")["kind"]!.GetValue<string>());
        Assert.Equal(all.Count, all.Select(f => f["id"]!.GetValue<string>()).Distinct().Count());
    }
}
