using System.Net;
using System.Net.Http.Headers;

namespace Gassel.Web.Tests;

/// <summary>Entity tags as RFC 9110 §13.1.2 has them: told again only what is otherwise.</summary>
public sealed class UnchangedTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    [Fact]
    public async Task A_view_that_is_as_it_was_is_not_sent_again_and_one_that_changed_is()
    {
        using var first = await Ask("/api/lots", null);
        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        var tag = first.Headers.ETag!;
        Assert.True(first.Headers.CacheControl is { Private: true, NoCache: true, NoStore: false });
        using var same = await Ask("/api/lots", tag);
        Assert.Equal(HttpStatusCode.NotModified, same.StatusCode);
        Assert.Empty(await same.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken));
        var (status, _) = await _book.Post(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}"""
        );
        Assert.Equal(200, status);
        using var changed = await Ask("/api/lots", tag);
        Assert.Equal(HttpStatusCode.OK, changed.StatusCode);
        Assert.NotEqual(tag, changed.Headers.ETag);
        Assert.Contains("slope", await changed.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("/api/session")]
    [InlineData("/api/calendar.ics")]
    [InlineData("/api/tables/lots.csv")]
    public async Task Sessions_and_files_have_none(string path)
    {
        using var answer = await Ask(path, null);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Null(answer.Headers.ETag);
    }

    [Fact]
    public async Task What_is_refused_has_none_and_keeps_its_words()
    {
        using var answer = await Ask($"/api/batches/{Guid.NewGuid()}", null);
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Null(answer.Headers.ETag);
        Assert.Contains("detail", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    private async Task<HttpResponseMessage> Ask(string path, EntityTagHeaderValue? tag)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        if (tag is not null)
            request.Headers.IfNoneMatch.Add(tag);
        return await _book.Http.SendAsync(request, TestContext.Current.CancellationToken);
    }
}
