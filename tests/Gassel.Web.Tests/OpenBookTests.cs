using System.Net;
using System.Text;
using Gassel.Web.Features.People;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>Who is let in from the network, and what each may do there.</summary>
public sealed class OpenBookTests : IAsyncLifetime
{
    private const string Balsamroot =
        """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}""";
    private readonly OpenBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    [Fact]
    public async Task Nobody_is_in_without_signing_in()
    {
        using var stranger = _book.Visitor();
        var shut = _book
            .Services.GetServices<EndpointDataSource>()
            .SelectMany(s => s.Endpoints)
            .OfType<RouteEndpoint>()
            .Where(e => e.Metadata.GetMetadata<HttpMethodMetadata>() is not null)
            .ToList();
        Assert.True(shut.Count > 40, $"only {shut.Count} addresses were found");
        var asked = 0;
        foreach (var endpoint in shut)
        {
            var method = endpoint.Metadata.GetMetadata<HttpMethodMetadata>()!.HttpMethods[0];
            var path =
                "/"
                + endpoint
                    .RoutePattern.RawText!.TrimStart('/')
                    .Replace("{id:guid}", Guid.NewGuid().ToString(), StringComparison.Ordinal)
                    .Replace("{id:int}", "1", StringComparison.Ordinal)
                    .Replace("{documentName}", "v1", StringComparison.Ordinal)
                    .Replace("{", "", StringComparison.Ordinal)
                    .Replace("}", "", StringComparison.Ordinal);
            if (
                path.StartsWith("/api/session", StringComparison.Ordinal) && path != "/api/session/password"
                || path is "/authority.crt"
                || path.StartsWith("/calendar/", StringComparison.Ordinal)
            )
                continue;
            var (status, problem) = await stranger.Send(
                new HttpMethod(method),
                path,
                method is "GET" or "DELETE" ? null : "{}",
                type: endpoint.Metadata.GetMetadata<IAcceptsMetadata>()?.ContentTypes[0] ?? "application/json"
            );
            Assert.True(status == 401, $"{method} {path} answered {status}");
            Assert.Equal("Not signed in", problem!["title"]!.GetValue<string>());
            asked++;
        }
        Assert.True(asked > 35, $"only {asked} addresses were asked");
    }

    [Fact]
    public void Every_address_that_changes_something_says_whose_it_is()
    {
        var silent = _book
            .Services.GetServices<EndpointDataSource>()
            .SelectMany(s => s.Endpoints)
            .OfType<RouteEndpoint>()
            .Where(e =>
                e.Metadata.GetMetadata<HttpMethodMetadata>() is { } m
                && !m.HttpMethods.Contains("GET")
                && e.RoutePattern.RawText!.StartsWith("/api", StringComparison.Ordinal)
            )
            // the group says volunteers; the address itself must say something too; a thermometer comes in by its token
            .Where(e =>
                !e.RoutePattern.RawText!.StartsWith("/api/session", StringComparison.Ordinal)
                && e.RoutePattern.RawText != "/api/thermometers/{id:guid}/readings"
                && e.Metadata.GetOrderedMetadata<AtLeast>().Count < 2
            )
            .Select(e => e.RoutePattern.RawText);
        Assert.Empty(silent);
    }

    [Fact]
    public async Task The_first_owner_comes_in_with_the_code_of_the_console_once()
    {
        using var stranger = _book.Visitor();
        Assert.True((await stranger.Get("/api/session"))["ownerWanted"]!.GetValue<bool>());
        var (status, problem) = await stranger.Send(
            HttpMethod.Post,
            "/api/session/code",
            """{"name":"Odila","code":"AAAAA-AAAAA","password":"three words together"}"""
        );
        Assert.Equal(403, status);
        Assert.Equal("code", problem!["field"]!.GetValue<string>());
        var code = _book.OwnerCode!;
        (status, problem) = await stranger.Send(
            HttpMethod.Post,
            "/api/session/code",
            $$"""{"name":"Odila","code":"{{code}}","password":"short"}"""
        );
        Assert.Equal(
            "password has 5 characters; valid are 10 to 128. Three words one after another are easy to keep.",
            problem!["detail"]!.GetValue<string>()
        );
        // typed without the hyphen and in small letters it is the same code
        var session = await stranger.Enter(
            "/api/session/code",
            $$"""
            {"name":" Odila ","code":"{{code.Replace("-", "", StringComparison.Ordinal).ToLowerInvariant()}}",
            "password":"three words together"}
            """
        );
        Assert.Equal("Odila", session["name"]!.GetValue<string>());
        Assert.Equal("owner", session["role"]!.GetValue<string>());
        Assert.Null(_book.OwnerCode);
        using var second = _book.Visitor();
        Assert.Equal(
            403,
            (
                await second.Send(
                    HttpMethod.Post,
                    "/api/session/code",
                    $$"""{"name":"Other","code":"{{code}}","password":"three words together"}"""
                )
            ).Status
        );
        await _book.Restart();
        Assert.Null(_book.OwnerCode);
        using var back = _book.Visitor();
        await back.Enter("/api/session", """{"name":"odila","password":"three words together"}""");
    }

    [Theory]
    [InlineData("volunteer", 403, 403, 200)]
    [InlineData("grower", 200, 403, 200)]
    public async Task Each_role_does_what_it_may(string role, int seed, int people, int read)
    {
        using var owner = await _book.Owner();
        using var person = await _book.Person(owner, "Ines", role);
        Assert.Equal(seed, (await person.Send(HttpMethod.Post, "/api/lots", Balsamroot)).Status);
        Assert.Equal(people, (await person.Send(HttpMethod.Post, "/api/people", """{"name":"Other","role":"owner"}""")).Status);
        Assert.Equal(people, (await person.Send(HttpMethod.Get, "/api/copies")).Status);
        Assert.Equal(people, (await person.Send(HttpMethod.Put, "/api/network", """{"open":false}""")).Status);
        Assert.Equal(read, (await person.Send(HttpMethod.Get, "/api/rounds")).Status);
        if (role == "volunteer")
        {
            var (_, problem) = await person.Send(HttpMethod.Post, "/api/lots", Balsamroot);
            Assert.Equal(
                "This is for growers and the owner; volunteers record what was done and undo their own entries.",
                problem!["detail"]!.GetValue<string>()
            );
        }
    }

    [Fact]
    public async Task Entries_carry_who_and_volunteers_take_back_their_own_alone()
    {
        using var owner = await _book.Owner();
        var batch = await BatchOf(owner);
        using var ines = await _book.Person(owner, "Ines", "volunteer");
        using var gustav = await _book.Person(owner, "Gustav", "grower");
        var hers = Guid.NewGuid();
        Assert.Equal(200, (await ines.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Ines", hers, Note))).Status);
        var (status, problem) = await ines.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Gustav", Guid.NewGuid(), Note));
        Assert.Equal(403, status);
        Assert.Equal("who", problem!["field"]!.GetValue<string>());
        Assert.Contains("This was recorded by Gustav", problem["detail"]!.GetValue<string>());

        // books are closed by growers
        Assert.Equal(
            403,
            (
                await ines.Send(
                    HttpMethod.Post,
                    $"/api/batches/{batch}/entries",
                    Entry("Ines", Guid.NewGuid(), """{"kind":"closed","words":null}""")
                )
            ).Status
        );

        // the start was the owner's
        var log = (await ines.Get($"/api/batches/{batch}"))["log"]!.AsArray();
        var started = log.Single(l => l!["who"]!.GetValue<string>() == "Odila")!["id"]!.GetValue<Guid>();
        (status, problem) = await ines.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Ines", Guid.NewGuid(), Void(started)));
        Assert.Equal(403, status);
        Assert.Contains("recorded by Odila; volunteers undo their own", problem!["detail"]!.GetValue<string>());
        Assert.Equal(
            200,
            (await ines.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Ines", Guid.NewGuid(), Void(hers)))).Status
        );
        Assert.Equal(
            403,
            (
                await ines.Send(
                    HttpMethod.Post,
                    $"/api/batches/{batch}/replan",
                    $$"""{"id":"{{Guid.NewGuid()}}","part":"1","choice":"moveTarget","who":"Ines"}"""
                )
            ).Status
        );

        // a grower takes back anybody's, and sends on what was left on a shared phone
        var left = Guid.NewGuid();
        Assert.Equal(200, (await gustav.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Ines", left, Note))).Status);
        Assert.Equal(
            403,
            (await gustav.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Nobody", Guid.NewGuid(), Note))).Status
        );
        Assert.Equal(
            200,
            (await gustav.Send(HttpMethod.Post, $"/api/batches/{batch}/entries", Entry("Gustav", Guid.NewGuid(), Void(left)))).Status
        );
        Assert.Equal(
            "Ines",
            (await gustav.Get($"/api/batches/{batch}"))["log"]!.AsArray().Single(l => l!["id"]!.GetValue<Guid>() == left)![
                "who"
            ]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task A_plan_is_signed_with_the_session_whatever_the_device_says()
    {
        using var owner = await _book.Owner();
        var batch = await BatchOf(owner);
        var log = (await owner.Get($"/api/batches/{batch}"))["log"]!.AsArray();
        Assert.Equal("Odila", log.Single()!["who"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_change_without_the_token_of_the_session_or_from_another_site_is_refused()
    {
        using var owner = await _book.Owner();
        Assert.Equal(403, (await owner.Send(HttpMethod.Post, "/api/copies", "{}", origin: "https://elsewhere.example")).Status);
        Assert.Equal(
            200,
            (await owner.Send(HttpMethod.Post, "/api/copies", "{}", origin: _book.Address.GetLeftPart(UriPartial.Authority))).Status
        );
        using var ines = await _book.Person(owner, "Ines", "volunteer");
        (owner.Token, var own) = (ines.Token, owner.Token);
        var (status, problem) = await owner.Send(HttpMethod.Post, "/api/copies", "{}");
        Assert.Equal(400, status);
        Assert.Equal("Not of this session", problem!["title"]!.GetValue<string>());
        owner.Token = null;
        Assert.Equal(400, (await owner.Send(HttpMethod.Post, "/api/copies", "{}")).Status);
        owner.Token = own;
        Assert.Equal(200, (await owner.Send(HttpMethod.Post, "/api/copies", "{}")).Status);
    }

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
    public async Task Somebody_let_go_is_out_at_once_and_the_name_stays()
    {
        using var owner = await _book.Owner();
        using var ines = await _book.Person(owner, "Ines", "volunteer");
        var id = (await owner.Get("/api/people")).AsArray().Single(p => p!["name"]!.GetValue<string>() == "Ines")!["id"];
        Assert.Equal(200, (await owner.Send(HttpMethod.Put, $"/api/people/{id}", """{"role":"volunteer","left":true}""")).Status);
        _book.Clock.Advance(TimeSpan.FromSeconds(31));
        Assert.Equal(401, (await ines.Send(HttpMethod.Get, "/api/rounds")).Status);
        Assert.Equal(
            403,
            (await ines.Send(HttpMethod.Post, "/api/session", $$"""{"name":"Ines","password":"{{OpenBook.Password}}"}""")).Status
        );
        Assert.Equal(409, (await owner.Send(HttpMethod.Post, "/api/people", """{"name":"ines","role":"volunteer"}""")).Status);
        Assert.Equal(200, (await owner.Send(HttpMethod.Get, "/api/rounds")).Status);
    }

    [Fact]
    public async Task The_last_owner_stays_one()
    {
        using var owner = await _book.Owner();
        var id = (await owner.Get("/api/people")).AsArray().Single()!["id"];
        var (status, problem) = await owner.Send(HttpMethod.Put, $"/api/people/{id}", """{"role":"grower","left":false}""");
        Assert.Equal(409, status);
        Assert.Contains("is the only owner who can sign in", problem!["detail"]!.GetValue<string>());
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
            var began = System.Diagnostics.Stopwatch.GetTimestamp();
            Assert.Equal(403, (await thief.Send(HttpMethod.Post, path, $$"""{"name":"{{name}}",{{secret}}}""")).Status);
            Assert.True(System.Diagnostics.Stopwatch.GetElapsedTime(began) >= TimeSpan.FromSeconds(0.49), name);
        }
    }

    [Theory]
    [InlineData("grower", """{"role":"grower","left":true}""", true)]
    [InlineData("grower", """{"role":"volunteer","left":false}""", true)]
    [InlineData("grower", """{"role":"owner","left":false}""", false)]
    [InlineData("volunteer", """{"role":"volunteer","left":true}""", false)]
    public async Task The_calendar_ends_for_who_may_no_longer_see_it(string role, string change, bool ends)
    {
        using var owner = await _book.Owner();
        using var ines = await _book.Person(owner, "Ines", role);
        const string Site = """{"name":"Bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""";
        Assert.Equal(200, (await owner.Send(HttpMethod.Put, "/api/site", Site)).Status);
        var (_, made) = await owner.Send(HttpMethod.Post, "/api/calendar/address", "{}");
        var path = made!["path"]!.GetValue<string>();
        Assert.Equal(role == "grower" ? 200 : 403, (await ines.Send(HttpMethod.Get, "/api/calendar")).Status);
        var id = (await owner.Get("/api/people")).AsArray().Single(p => p!["name"]!.GetValue<string>() == "Ines")!["id"];
        var (_, changed) = await owner.Send(HttpMethod.Put, $"/api/people/{id}", change);
        Assert.Equal(ends, changed!["calendarEnded"]!.GetValue<bool>());
        using var stranger = _book.Visitor();
        using var feed = await stranger.Http.GetAsync(path, TestContext.Current.CancellationToken);
        Assert.Equal(ends ? HttpStatusCode.NotFound : HttpStatusCode.OK, feed.StatusCode);
    }

    [Fact]
    public async Task Plain_http_and_foreign_host_names_do_not_come_in()
    {
        using var plain = new HttpClient(new SocketsHttpHandler { AllowAutoRedirect = false });
        using var answer = await plain.GetAsync(
            new UriBuilder(_book.Address) { Scheme = "http", Path = "/site" }.Uri,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.PermanentRedirect, answer.StatusCode);
        Assert.Equal(new Uri(_book.Address, "/site"), answer.Headers.Location);
        using var visitor = _book.Visitor();
        // a name that somebody else's name server points here
        using var foreign = new HttpRequestMessage(HttpMethod.Get, new Uri(_book.ThisMachine, "/api/session"))
        {
            Headers = { Host = "elsewhere.example" },
        };
        Assert.Equal(HttpStatusCode.BadRequest, (await plain.SendAsync(foreign, TestContext.Current.CancellationToken)).StatusCode);
        Assert.Contains(
            "script-src 'self'",
            (await visitor.Http.GetAsync("/api/session", TestContext.Current.CancellationToken))
                .Headers.GetValues("Content-Security-Policy")
                .Single()
        );
    }

    [Fact]
    public async Task The_address_is_drawn_and_the_authority_handed_out()
    {
        using var owner = await _book.Owner();
        var network = await owner.Get("/api/network");
        Assert.Equal(_book.Address, new Uri(network["addresses"]![0]!.GetValue<string>()));
        Assert.StartsWith("<svg", await owner.Http.GetStringAsync("/api/network/address.svg", TestContext.Current.CancellationToken));
        using var stranger = _book.Visitor();
        using var authority = System.Security.Cryptography.X509Certificates.X509CertificateLoader.LoadCertificate(
            await stranger.Http.GetByteArrayAsync("/authority.crt", TestContext.Current.CancellationToken)
        );
        Assert.Equal(
            network["fingerprint"]!.GetValue<string>().Replace(":", "", StringComparison.Ordinal),
            authority.GetCertHashString(System.Security.Cryptography.HashAlgorithmName.SHA256)
        );
    }

    private const string Note = """{"kind":"note","part":null,"text":"looked"}""";

    private static string Void(Guid entry) => $$"""{"kind":"void","entry":"{{entry}}"}""";

    private static string Entry(string who, Guid id, string payload) =>
        $$"""
            {"act":"{{Guid.NewGuid()}}","who":"{{who}}","ifConflict":"warn","entries":[{"id":"{{id}}","doneOn":"2026-11-20","doneAt":null,
            "recordedAt":"2026-11-20T18:00:00Z","payload":{{payload}}}]}
            """;

    /// <summary>One batch under way, told under another name than the session's.</summary>
    private static async Task<Guid> BatchOf(Visitor owner)
    {
        await owner.Send(
            HttpMethod.Put,
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}"""
        );
        await owner.Send(HttpMethod.Post, "/api/lots", Balsamroot);
        var (status, told) = await owner.Send(
            HttpMethod.Post,
            "/api/told",
            """
            {"save":true,"who":"somebody","lines":[{"species":"balsamroot","lot":"1","step":"cold-moist","since":"2026-11-10",
            "seeds":"60","place":""}]}
            """
        );
        Assert.True(status == 200, told?.ToJsonString());
        return (await owner.Get("/api/batches")).AsArray().Single()!["id"]!.GetValue<Guid>();
    }
}
