using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Two people change the same record: the slower one is told, and nothing is overwritten unseen.</summary>
public sealed class ChangedMeanwhileTests : IAsyncLifetime
{
    private const string Lot =
        """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}""";
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot();
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    [Theory]
    [InlineData("/api/lots/1")]
    [InlineData("/api/site")]
    [InlineData("/api/species/balsamroot")]
    public async Task The_slower_of_two_is_told(string path)
    {
        var (stamp, body) = await Read(path);
        var first = Changed(body, "the first was here");
        var (status, answer) = await _book.Put($"{path}?asOf={stamp}", first);
        Assert.True(status == 200, answer.ToJsonString());
        (status, answer) = await _book.Put($"{path}?asOf={stamp}", Changed(body, "the second"));
        Assert.Equal(409, status);
        Assert.Equal("Changed meanwhile", answer["title"]!.GetValue<string>());
        Assert.Equal("asOf", answer["field"]!.GetValue<string>());
        Assert.Contains("the first was here", (await Read(path)).Body);
        // with what is there now in view it goes through
        Assert.Equal(200, (await _book.Put($"{path}?asOf={(await Read(path)).Stamp}", Changed(body, "the second"))).Status);
    }

    [Theory]
    [InlineData("/api/lots/1")]
    [InlineData("/api/site")]
    [InlineData("/api/species/balsamroot")]
    public async Task Without_the_stamp_nothing_is_overwritten_but_by_who_means_to(string path)
    {
        var (_, body) = await Read(path);
        var (status, answer) = await _book.Put(path, Changed(body, "unseen"));
        Assert.Equal((428, "asOf"), (status, answer["field"]!.GetValue<string>()));
        Assert.DoesNotContain("unseen", (await Read(path)).Body);
        Assert.Equal(200, (await _book.Put($"{path}?asOf=*", Changed(body, "whatever it is"))).Status);
    }

    [Fact]
    public async Task Of_sixteen_at_once_one_goes_through()
    {
        var (stamp, _) = await Read("/api/lots/1");
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 16).Select(i => _book.Put($"/api/lots/1?asOf={stamp}", Changed(Lot, $"by {i}")))
        );
        Assert.Single(answers, a => a.Status == 200);
        Assert.Equal(15, answers.Count(a => a.Status == 409));
    }

    private async Task<(string Stamp, string Body)> Read(string path)
    {
        var (view, body) = path switch
        {
            "/api/site" => (await _book.Get("/api/site"), "site"),
            "/api/lots/1" => ((await _book.Get("/api/lots"))[0]!, "details"),
            _ => (
                (await _book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == "balsamroot")!,
                "species"
            ),
        };
        return (view["stamp"]!.GetValue<string>(), view[body]!.ToJsonString());
    }

    /// <summary>The record with another word in it, in the shape in which it is sent.</summary>
    private static string Changed(string body, string word)
    {
        var json = JsonNode.Parse(body)!.AsObject();
        if (json["lot"] is { } lot)
            lot["note"] = word;
        else if (json["timeZone"] is not null)
            json["name"] = word;
        else
        {
            json["notes"] = word;
            json["origin"] = "own";
        }
        return json.ToJsonString();
    }
}
