namespace Gassel.Web.Tests;

/// <summary>Places of a grower's own over HTTP, and moving between them.</summary>
public sealed class PlaceTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<List<string>> Names() => [.. (await _book.Get("/api/places")).AsArray().Select(p => p!["name"]!.GetValue<string>())];

    private static string Place(string name, string kind = "coldShelf", string more = "") =>
        $$"""{"name":"{{name}}","kind":"{{kind}}","dayC":3{{more}} }""";

    [Fact]
    public async Task A_place_is_made_renamed_put_first_and_retired()
    {
        var (made, fridge) = await _book.Post("/api/places", Place("Fridge in the shed", more: ""","nightC":2,"capacity":40"""));
        Assert.Equal((201, "fridge-in-the-shed", 2.5), (made, fridge["id"]!.GetValue<string>(), fridge["assumedC"]!.GetValue<double>()));

        var (renamed, body) = await _book.Put("/api/places/fridge-in-the-shed", Place("Old fridge"));
        Assert.Equal((200, "Old fridge"), (renamed, body["name"]!.GetValue<string>()));

        var ids = (await _book.Get("/api/places")).AsArray().Select(p => p!["id"]!.GetValue<string>()).ToList();
        var order = ids.OrderByDescending(id => id == "fridge-in-the-shed");
        Assert.Equal(200, (await _book.Put("/api/places", $"[{string.Join(',', order.Select(id => $"\"{id}\""))}]")).Status);
        Assert.Equal("Old fridge", (await Names())[0]);

        var (retired, gone) = await _book.Put("/api/places/fridge-in-the-shed", Place("Old fridge", more: ""","retired":true"""));
        Assert.Equal((200, "2027-03-15"), (retired, gone["retiredOn"]!.GetValue<string>()));
        await _book.Restart();
        Assert.Equal("Old fridge", (await Names())[0]);
    }

    [Theory]
    [InlineData("", "coldShelf", "", "name", 400)]
    [InlineData("TABLE", "coldShelf", "", "name", 409)]
    [InlineData("Attic", "attic", "", "kind", 400)]
    [InlineData("Attic", "garage", ""","nightC":-300""", "nightC", 400)]
    [InlineData("Attic", "garage", ""","capacity":-1""", "capacity", 400)]
    [InlineData("Attic", "garage", ""","exposure":"shade" """, "exposure", 400)]
    public async Task What_cannot_be_a_place_is_refused_by_its_field(string name, string kind, string more, string field, int status)
    {
        var (answer, problem) = await _book.Post("/api/places", Place(name, kind, more));
        Assert.Equal((status, field), (answer, problem["field"]!.GetValue<string>()));
        Assert.Equal(9, (await Names()).Count);
    }

    [Fact]
    public async Task A_place_keeps_its_kind_and_the_order_names_each_once()
    {
        Assert.Equal("kind", (await _book.Put("/api/places/table", Place("Table", "garage"))).Body["field"]!.GetValue<string>());
        Assert.Equal("ids", (await _book.Put("/api/places", """["table","table"]""")).Body["field"]!.GetValue<string>());
        Assert.Equal(404, (await _book.Put("/api/places/attic", Place("Attic"))).Status);
    }

    [Fact]
    public async Task Where_something_stands_is_not_retired_and_what_moved_away_frees_it()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Post("/api/places", Place("Fridge"));
        const string start =
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"fridge","vessel":{"kind":"bag","label":"b"} }""";
        Assert.Equal(200, (await _book.Record(batch, "2027-03-01", "warn", start)).Status);
        var retire = Place("Fridge", more: ""","retired":true""");
        var (status, problem) = await _book.Put("/api/places/fridge", retire);
        Assert.Equal((409, "retired"), (status, problem["field"]!.GetValue<string>()));
        Assert.Contains("B-1 still stand at Fridge", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        const string some = """{"kind":"moved","part":"1","place":"cold-shelf","some":{"part":"1a","plants":0,"seeds":20} }""";
        Assert.Equal(200, (await _book.Record(batch, "2027-03-05", "warn", some)).Status);
        Assert.Equal(409, (await _book.Put("/api/places/fridge", retire)).Status);
        Assert.Equal(200, (await _book.Record(batch, "2027-03-06", "warn", """{"kind":"moved","part":"1","place":"cold-shelf"}""")).Status);
        Assert.Equal(200, (await _book.Put("/api/places/fridge", retire)).Status);
        // what stood there stays in the record, by its name
        var log = (await _book.Get($"/api/batches/{batch}"))["log"]!.AsArray().Select(l => l!["words"]!.GetValue<string>()).ToList();
        Assert.Contains(log, words => words.Contains("Fridge", StringComparison.Ordinal));
        Assert.Contains("Moved to Cold shelf: 20 seeds not yet up, now part 1a.", log);
        Assert.Equal("1b", (await _book.Get($"/api/batches/{batch}"))["parts"]![0]!["nextPart"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_book_without_the_usual_place_takes_what_comes_nearest()
    {
        await _book.Post("/api/places", Place("Garage", "garage"));
        const string shelf = """{"name":"Cold shelf","kind":"coldShelf","dayC":4,"retired":true}""";
        Assert.Equal(200, (await _book.Put("/api/places/cold-shelf", shelf)).Status);
        await _book.BatchOfBalsamroot();
        var due = (await _book.Get("/api/rounds"))["places"]!
            .AsArray()
            .SelectMany(p => p!["parts"]!.AsArray())
            .SelectMany(p => p!["due"]!.AsArray())
            .First()!;
        Assert.Equal("garage", due["toPlace"]!.GetValue<string>());
    }

    [Fact]
    public async Task More_plants_than_there_are_do_not_move()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Record(batch, "2026-12-01", "warn", """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf"}""");
        const string move = """{"kind":"moved","part":"1","place":"table","some":{"part":"1a","plants":0,"seeds":61} }""";
        var (status, problem) = await _book.Record(batch, "2027-03-01", "warn", move);
        Assert.Equal(409, status);
        Assert.Contains("only 60 of part 1", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }
}
