using System.Net;
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
