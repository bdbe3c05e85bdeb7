using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The forecast told by hand into an empty book.</summary>
public sealed class ForecastTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<string> Day(int ahead) =>
        DateOnly
            .Parse((await _book.Get("/api/site"))["today"]!.GetValue<string>(), System.Globalization.CultureInfo.InvariantCulture)
            .AddDays(ahead)
            .ToString("O", System.Globalization.CultureInfo.InvariantCulture);

    private async Task<(int Status, JsonNode Body)> Tell(int ahead, string more) =>
        await _book.Post("/api/forecast", $$"""{"who":"Odila","days":[{"date":"{{await Day(ahead)}}",{{more}}}]}""");

    [Fact]
    public async Task The_newest_word_wins_and_grows_old()
    {
        Assert.Equal("none", (await _book.Get("/api/forecast"))["state"]!.GetValue<string>());
        await Tell(1, "\"lowC\":-3");
        var (status, known) = await Tell(1, "\"lowC\":-5.5,\"highC\":4");
        Assert.Equal((200, "known"), (status, known["state"]!.GetValue<string>()));
        Assert.Equal(-5.5, known["days"]![1]!["lowC"]!.GetValue<double>());
        Assert.Contains("typed by Odila", known["words"]!.GetValue<string>(), StringComparison.Ordinal);
        // by the next evening the word on tonight is of a night that is over
        _book.Clock.Advance(TimeSpan.FromHours(25));
        Assert.Equal("none", (await _book.Get("/api/forecast"))["state"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_word_on_tonight_of_more_than_a_day_ago_is_stale_and_says_so()
    {
        await Tell(2, "\"lowC\":-3");
        _book.Clock.Advance(TimeSpan.FromHours(25));
        var known = await _book.Get("/api/forecast");
        Assert.Equal("stale", known["state"]!.GetValue<string>());
        Assert.Contains("more than a day old: check tonight's low", known["words"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1, "\"lowC\":5,\"highC\":2", "days[0].lowC", "up to the high")]
    [InlineData(1, "\"lowC\":-90", "days[0].lowC", "from -60 to 80")]
    [InlineData(1, "\"gustKmh\":-1", "days[0].gustKmh", "from 0 to 400")]
    [InlineData(1, "\"snowCm\":null", "days[0]", "says nothing")]
    [InlineData(-1, "\"lowC\":1", "days[0].date", "valid is a day from")]
    [InlineData(16, "\"lowC\":1", "days[0].date", "valid is a day from")]
    public async Task What_does_not_fit_is_named_with_what_would(int ahead, string more, string field, string why)
    {
        var (status, problem) = await Tell(ahead, more);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
        Assert.Contains(why, problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal("none", (await _book.Get("/api/forecast"))["state"]!.GetValue<string>());
    }
}
