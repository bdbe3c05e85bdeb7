using System.Net;
using System.Net.Http.Json;
using System.Net.Security;
using System.Security.Cryptography.X509Certificates;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Web.Door;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;

namespace Gassel.Web.Tests;

/// <summary>
/// The whole program open to the network, asked at an address of this machine that is not loopback, over TLS by its own authority.
/// </summary>
public sealed class OpenBook : IAsyncLifetime
{
    public const string Password = "three words together";

    private WebApplication? _app;

    /// <summary>Begins at the present: certificates are judged by the real time.</summary>
    public FakeTimeProvider Clock { get; } = new(DateTimeOffset.UtcNow);

    public string Folder { get; } = Directory.CreateTempSubdirectory("gassel-open-").FullName;

    public IServiceProvider Services => _app!.Services;

    public Uri Address { get; private set; } = new("https://unset");

    /// <summary>The plain door of this machine.</summary>
    public Uri ThisMachine => new(_app!.Urls.First(url => url.StartsWith("http:", StringComparison.Ordinal)));

    internal NetworkDoor Door => Services.GetRequiredService<NetworkDoor>();

    internal string? OwnerCode => Services.GetRequiredService<OwnerCode>().Code;

    public async ValueTask InitializeAsync()
    {
        EmptyBook.Lay(Folder);
        _app = GasselHost.Build(new Launch(0, Folder, Demo: false, Lan: true), Clock);
        await _app.StartAsync();
        Address = new(Services.GetRequiredService<NetworkDoor>().Addresses[0]);
    }

    public async ValueTask DisposeAsync()
    {
        if (_app is not null)
            await _app.DisposeAsync();
        Directory.Delete(Folder, recursive: true);
    }

    public async Task Restart()
    {
        await _app!.DisposeAsync();
        await InitializeAsync();
    }

    /// <summary>A device of its own, with its own cookies, that trusts the book's authority and no other.</summary>
    /// <param name="cookies">Those of another, copied; none if left out.</param>
    public Visitor Visitor(IEnumerable<Cookie>? cookies = null) =>
        new(Address, X509CertificateLoader.LoadCertificateFromFile(Path.Combine(Folder, "network", "authority.crt")), cookies);

    /// <summary>The first owner, signed in with the code of the console.</summary>
    public async Task<Visitor> Owner()
    {
        var owner = Visitor();
        await owner.Enter("/api/session/code", $$"""{"name":"Odila","code":"{{OwnerCode}}","password":"{{Password}}"}""");
        return owner;
    }

    /// <summary>Somebody the owner added, signed in with their code.</summary>
    public async Task<Visitor> Person(Visitor owner, string name, string role)
    {
        var (status, added) = await owner.Send(HttpMethod.Post, "/api/people", $$"""{"name":"{{name}}","role":"{{role}}"}""");
        Assert.True(status == 200, added?.ToJsonString());
        var person = Visitor();
        await person.Enter("/api/session/code", $$"""{"name":"{{name}}","code":"{{added!["code"]}}","password":"{{Password}}"}""");
        return person;
    }
}

/// <summary>A device on the network.</summary>
public sealed class Visitor : IDisposable
{
    private readonly CookieContainer _cookies = new();

    public Visitor(Uri address, X509Certificate2 trusted, IEnumerable<Cookie>? cookies = null)
    {
        foreach (var cookie in cookies ?? [])
            _cookies.Add(address, new Cookie(cookie.Name, cookie.Value));
        Http = new(
            new SocketsHttpHandler
            {
                CookieContainer = _cookies,
                AllowAutoRedirect = false,
                SslOptions = new SslClientAuthenticationOptions
                {
                    TargetHost = address.Host,
                    CertificateChainPolicy = new X509ChainPolicy
                    {
                        TrustMode = X509ChainTrustMode.CustomRootTrust,
                        CustomTrustStore = { trusted },
                        RevocationMode = X509RevocationMode.NoCheck,
                    },
                },
            }
        )
        {
            BaseAddress = address,
        };
    }

    public HttpClient Http { get; }

    /// <summary>As they are kept on the device.</summary>
    public IEnumerable<Cookie> Cookies() => _cookies.GetAllCookies();

    /// <summary>Of the session; null before sign-in.</summary>
    public string? Token { get; set; }

    public async Task<JsonNode> Enter(string path, string json)
    {
        var (status, session) = await Send(HttpMethod.Post, path, json);
        Assert.True(status == 200, session?.ToJsonString());
        Token = session!["token"]!.GetValue<string>();
        return session;
    }

    public async Task<(int Status, JsonNode? Body)> Send(
        HttpMethod method,
        string path,
        string? json = null,
        string? origin = null,
        string type = "application/json"
    )
    {
        using var request = new HttpRequestMessage(method, path)
        {
            Content = json is null ? null : new StringContent(json, Encoding.UTF8, type),
        };
        if (Token is not null)
            request.Headers.Add("X-Gassel-Token", Token);
        if (origin is not null)
            request.Headers.Add("Origin", origin);
        using var response = await Http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.Length > 0 && text[0] is '{' or '[' ? JsonNode.Parse(text) : null);
    }

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    public void Dispose() => Http.Dispose();
}
