namespace Gassel.Web.Tests;

/// <summary>The calculator of what cold does, over HTTP.</summary>
public sealed class ColdResponseEndpointTests(RunningBook book) : IClassFixture<RunningBook>
{
    private const string Path = "/api/calculators/cold-response";

    /// <summary>GNU R 4.2.2, <c>glm</c> with <c>binomial</c>, as in the core's tests.</summary>
    [Fact]
    public async Task It_answers_as_R_does()
    {
        var batches = new[] { 0, 14, 28, 42, 56, 70, 84 }.Zip([2, 5, 11, 19, 26, 30, 31], (d, up) =>
            $$"""{"coldDays":{{d}},"sown":40,"emerged":{{up}}}"""
        );
        var (status, body) = await book.Post(
            Path,
            $$"""{"batches":[{{string.Join(',', batches)}}],"at":[42],"from":84,"to":56,"overdispersion":false}"""
        );
        Assert.Equal(200, status);
        Assert.Equal(-2.398439, body["a"]!.GetValue<double>(), 4);
        Assert.Equal(0, body["rho"]!.GetValue<double>());
        Assert.True(body["speaks"]!.GetValue<bool>());
        Assert.Null(body["reason"]);
        Assert.True(body["loss"]!["difference"]!.GetValue<double>() > 0);
    }

    [Theory]
    [InlineData("""{"batches":[]}""", "batches")]
    [InlineData("""{"batches":[{"coldDays":10,"sown":5,"emerged":6}]}""", "batches[0].emerged")]
    [InlineData("""{"batches":[{"coldDays":-1,"sown":5,"emerged":2}]}""", "batches[0].coldDays")]
    [InlineData("""{"batches":[{"coldDays":1,"sown":5,"emerged":2}],"from":3}""", "to")]
    [InlineData("""{"batches":[null]}""", "batches[0]")]
    public async Task What_it_cannot_use_is_named(string sent, string field)
    {
        var (status, body) = await book.Post(Path, sent);
        Assert.Equal((400, field), (status, body["field"]!.GetValue<string>()));
    }
}
