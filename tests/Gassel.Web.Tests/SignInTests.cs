using System.Diagnostics;
using System.Net;
using System.Text;

namespace Gassel.Web.Tests;

/// <summary>Passwords and codes tried in vain, sessions and their end.</summary>
public sealed class SignInTests : IAsyncLifetime
{
    private readonly OpenBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    [Fact]
    public async Task A_name_is_shut_after_five_wrong_passwords_in_the_same_words_as_for_a_name_that_is_none()
    {
        using var owner = await _book.Owner();
        await _book.Person(owner, "Ines", "volunteer");
        using var thief = _book.Visitor();
        var words = new HashSet<string>();
        for (var i = 0; i < 5; i++)
            words.Add(
                (await thief.Send(HttpMethod.Post, "/api/session", """{"name":"Ines","password":"wrong words"}""")).Body![
                    "detail"
                ]!.GetValue<string>()
            );
        var (status, problem) = await thief.Send(
            HttpMethod.Post,
            "/api/session",
            $$"""{"name":"Ines","password":"{{OpenBook.Password}}"}"""
        );
        Assert.Equal(403, status);
        words.Add(problem!["detail"]!.GetValue<string>());
        words.Add(
            (await thief.Send(HttpMethod.Post, "/api/session", """{"name":"Nobody","password":"wrong words"}""")).Body![
                "detail"
            ]!.GetValue<string>()
        );
        Assert.Equal(
            "Not let in: name and password do not go together. After 5 wrong tries a name is locked for 10 minutes.",
            Assert.Single(words)
        );
    }

    [Fact]
    public async Task Wrong_passwords_tried_all_at_once_are_each_counted()
    {
        using var owner = await _book.Owner();
        await _book.Person(owner, "Ines", "volunteer");
        using var thief = _book.Visitor();
        await Task.WhenAll(
            Enumerable.Range(0, 16).Select(_ => thief.Send(HttpMethod.Post, "/api/session", """{"name":"Ines","password":"wrong words"}"""))
        );
        using var second = _book.Visitor();
        var (status, _) = await second.Send(HttpMethod.Post, "/api/session", $$"""{"name":"Ines","password":"{{OpenBook.Password}}"}""");
        Assert.Equal(403, status);
    }

    [Fact]
    public async Task Tries_are_counted_by_device()
    {
        using var thief = _book.Visitor();
        for (var i = 0; i < 20; i++)
            await thief.Send(HttpMethod.Post, "/api/session", $$"""{"name":"name {{i}}","password":"wrong words"}""");
        using var answer = await thief.Http.PostAsync(
            "/api/session",
            new StringContent("""{"name":"a","password":"b"}""", Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.TooManyRequests, answer.StatusCode);
        Assert.InRange(
            int.Parse(answer.Headers.GetValues("Retry-After").Single(), System.Globalization.CultureInfo.InvariantCulture),
            1,
            60
        );
        Assert.Contains(
            "Too many requests from this device",
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
    }

    [Fact]
    public async Task A_session_runs_out_and_a_code_too()
    {
        using var owner = await _book.Owner();
        var (_, added) = await owner.Send(HttpMethod.Post, "/api/people", """{"name":"Ines","role":"volunteer"}""");
        _book.Clock.Advance(TimeSpan.FromDays(8));
        using var ines = _book.Visitor();
        var (status, problem) = await ines.Send(
            HttpMethod.Post,
            "/api/session/code",
            $$"""{"name":"Ines","code":"{{added!["code"]}}","password":"three words together"}"""
        );
        Assert.Equal(403, status);
        Assert.Contains("has run out", problem!["detail"]!.GetValue<string>());
        Assert.Equal(200, (await owner.Send(HttpMethod.Get, "/api/rounds")).Status);
        _book.Clock.Advance(TimeSpan.FromDays(15));
        Assert.Equal(401, (await owner.Send(HttpMethod.Get, "/api/rounds")).Status);
    }

    [Fact]
    public async Task Signing_out_and_a_new_password()
    {
        using var owner = await _book.Owner();
        Assert.Equal(
            403,
            (await owner.Send(HttpMethod.Put, "/api/session/password", """{"old":"not this one","new":"four words together now"}""")).Status
        );
        var (status, session) = await owner.Send(
            HttpMethod.Put,
            "/api/session/password",
            $$"""{"old":"{{OpenBook.Password}}","new":"four words together now"}"""
        );
        Assert.Equal(200, status);
        owner.Token = session!["token"]!.GetValue<string>();
        (status, session) = await owner.Send(HttpMethod.Delete, "/api/session");
        Assert.Equal(200, status);
        Assert.Null(session!["role"]);
        owner.Token = null;
        Assert.Equal(401, (await owner.Send(HttpMethod.Get, "/api/rounds")).Status);
        await owner.Enter("/api/session", """{"name":"Odila","password":"four words together now"}""");
    }

    [Fact]
    public async Task A_copied_cookie_ends_with_its_session_and_no_other_does()
    {
        using var owner = await _book.Owner();
        using var elsewhere = _book.Visitor();
        await elsewhere.Enter("/api/session", $$"""{"name":"Odila","password":"{{OpenBook.Password}}"}""");
        using var thief = _book.Visitor(owner.Cookies());
        Assert.Equal(200, (await thief.Send(HttpMethod.Get, "/api/rounds")).Status);
        Assert.Equal(200, (await owner.Send(HttpMethod.Delete, "/api/session")).Status);
        Assert.Equal(401, (await thief.Send(HttpMethod.Get, "/api/rounds")).Status);
        Assert.Equal(200, (await elsewhere.Send(HttpMethod.Get, "/api/rounds")).Status);
        await _book.Restart();
        using var later = _book.Visitor(thief.Cookies());
        Assert.Equal(401, (await later.Send(HttpMethod.Get, "/api/rounds")).Status);
        using var still = _book.Visitor(elsewhere.Cookies());
        Assert.Equal(200, (await still.Send(HttpMethod.Get, "/api/rounds")).Status);
    }

    [Fact]
    public async Task A_stranger_who_tries_a_name_shuts_nobody_out_of_their_own_device()
    {
        using var owner = await _book.Owner();
        using var thief = _book.Visitor();
        for (var i = 0; i < 6; i++)
            await thief.Send(HttpMethod.Post, "/api/session", """{"name":"Odila","password":"wrong words"}""");
        var right = $$"""{"name":"Odila","password":"{{OpenBook.Password}}"}""";
        Assert.Equal(403, (await thief.Send(HttpMethod.Post, "/api/session", right)).Status);
        await owner.Send(HttpMethod.Delete, "/api/session");
        owner.Token = null;
        await owner.Enter("/api/session", right);
        // its own wrong tries are counted: after them it is a device like any other, and the name is shut
        await owner.Send(HttpMethod.Delete, "/api/session");
        owner.Token = null;
        for (var i = 0; i < 5; i++)
            await owner.Send(HttpMethod.Post, "/api/session", """{"name":"Odila","password":"wrong words"}""");
        Assert.Equal(403, (await owner.Send(HttpMethod.Post, "/api/session", right)).Status);
    }

    [Theory]
    [InlineData("/api/session", "\"password\":\"wrong words\"")]
    [InlineData("/api/session/code", "\"code\":\"AAAA-AAAA\",\"password\":\"three words together\"")]
    public async Task A_wrong_try_is_answered_after_the_same_time_whoever_it_names(string path, string secret)
    {
        using var owner = await _book.Owner();
        await owner.Send(HttpMethod.Post, "/api/people", """{"name":"Ines","role":"volunteer"}""");
        using var thief = _book.Visitor();
        foreach (var name in new[] { "Odila", "Ines", "Nobody" })
        {
            var began = Stopwatch.GetTimestamp();
            Assert.Equal(403, (await thief.Send(HttpMethod.Post, path, $$"""{"name":"{{name}}",{{secret}}}""")).Status);
            Assert.True(Stopwatch.GetElapsedTime(began) >= TimeSpan.FromSeconds(0.49), name);
        }
    }

    [Fact]
    public async Task On_ones_own_device_too_wrong_tries_all_at_once_are_each_counted()
    {
        using var owner = await _book.Owner();
        await owner.Send(HttpMethod.Delete, "/api/session");
        owner.Token = null;
        await Task.WhenAll(
            Enumerable
                .Range(0, 16)
                .Select(_ => owner.Send(HttpMethod.Post, "/api/session", """{"name":"Odila","password":"wrong words"}"""))
        );
        var right = $$"""{"name":"Odila","password":"{{OpenBook.Password}}"}""";
        Assert.Equal(403, (await owner.Send(HttpMethod.Post, "/api/session", right)).Status);
    }
}
