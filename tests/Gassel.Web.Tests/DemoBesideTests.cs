using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The demo that is opened from inside a real book.</summary>
public sealed class DemoBesideTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    [Fact]
    public async Task It_stands_beside_the_book_leads_back_and_leaves_it_as_it_was()
    {
        var (status, opened) = await _book.Post("/api/demo/beside", "{}");
        Assert.Equal(200, status);
        var address = opened["address"]!.GetValue<string>();
        using var demo = new HttpClient { BaseAddress = new Uri(address) };
        var site = JsonNode.Parse(await demo.GetStringAsync("/api/site", TestContext.Current.CancellationToken))!;
        Assert.True(site["demo"]!.GetValue<bool>());
        // by another name than the demo, so that a browser keeps the two apart
        Assert.Equal($"http://localhost:{_book.Http.BaseAddress!.Port}", site["home"]!.GetValue<string>());
        Assert.Equal("127.0.0.1", new Uri(address).Host);
        Assert.Equal(43, JsonNode.Parse(await demo.GetStringAsync("/api/batches", TestContext.Current.CancellationToken))!.AsArray().Count);
        // asked again, the same one
        Assert.Equal(address, (await _book.Post("/api/demo/beside", "{}")).Body["address"]!.GetValue<string>());
        var own = await _book.Get("/api/site");
        Assert.False(own["demo"]!.GetValue<bool>());
        Assert.Null(own["home"]);
        Assert.Empty((await _book.Get("/api/batches")).AsArray());
    }
}
