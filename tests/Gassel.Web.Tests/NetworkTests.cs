using System.Net;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Gassel.Data;
using Gassel.Web.Door;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>The door to the local network: shut at first, and open over TLS alone.</summary>
public sealed class NetworkTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-network-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private static X509Chain ChainTo(X509Certificate2 root)
    {
        var chain = new X509Chain();
        chain.ChainPolicy.TrustMode = X509ChainTrustMode.CustomRootTrust;
        chain.ChainPolicy.CustomTrustStore.Add(root);
        chain.ChainPolicy.RevocationMode = X509RevocationMode.NoCheck;
        return chain;
    }

    /// <summary>OpenSSL, which .NET asks here, holds name constraints as RFC 5280 §6.1.4 wants.</summary>
    [Theory]
    [InlineData("192.168.4.9", true)]
    [InlineData("10.200.0.1", true)]
    [InlineData("172.31.255.255", true)]
    [InlineData("fd12:3456::7", true)]
    [InlineData("172.32.0.1", false)]
    [InlineData("8.8.8.8", false)]
    [InlineData("2001:db8::1", false)]
    public void The_authority_can_vouch_for_a_local_address_alone(string address, bool good)
    {
        var authority = Authority.In(_folder, DateTimeOffset.UtcNow);
        using var issued = authority.Issue([], [IPAddress.Parse(address)], DateTimeOffset.UtcNow);
        using var chain = ChainTo(authority.Certificate);
        Assert.Equal(good, chain.Build(issued));
    }

    [Theory]
    [InlineData("bench.local", true)]
    [InlineData("localhost", true)]
    [InlineData("example.org", false)]
    public void And_for_names_of_the_local_network(string name, bool good)
    {
        var authority = Authority.In(_folder, DateTimeOffset.UtcNow);
        using var issued = authority.Issue([name], [], DateTimeOffset.UtcNow);
        using var chain = ChainTo(authority.Certificate);
        Assert.Equal(good, chain.Build(issued));
        Assert.Equal(good, issued.MatchesHostname(name) && chain.ChainStatus.Length == 0);
    }

    [Fact]
    public void The_authority_stays_the_same_and_its_key_is_the_owners_alone()
    {
        var now = DateTimeOffset.UtcNow;
        var first = Authority.In(_folder, now);
        Assert.Equal(first.Fingerprint, Authority.In(_folder, now.AddDays(400)).Fingerprint);
        Assert.Matches("^([0-9A-F]{2}:){31}[0-9A-F]{2}$", first.Fingerprint);
        if (!OperatingSystem.IsWindows())
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(Path.Combine(_folder, "authority.key")));
    }

    /// <summary>Ranges of RFC 1918 and RFC 4193; the neighbours are the first addresses outside.</summary>
    [Theory]
    [InlineData("10.0.0.1", true)]
    [InlineData("172.16.0.1", true)]
    [InlineData("172.15.255.255", false)]
    [InlineData("192.168.255.255", true)]
    [InlineData("192.169.0.0", false)]
    [InlineData("::ffff:192.168.1.5", true)]
    [InlineData("fe80::1", true)]
    [InlineData("2606:4700::1", false)]
    [InlineData("127.0.0.1", true)]
    public void Only_the_local_network_is_near(string asker, bool near) =>
        Assert.Equal(near, LocalAddresses.IsNear(IPAddress.Parse(asker)));

    [Fact]
    public void An_address_on_the_link_of_this_machine_is_near() =>
        Assert.All(LocalAddresses.Reachable(), own => Assert.True(LocalAddresses.IsNear(own)));

    [Theory]
    [InlineData("bench", new[] { "localhost", "bench", "bench.local" })]
    [InlineData("bench.home.lan", new[] { "localhost", "bench", "bench.local" })]
    [InlineData("localhost", new[] { "localhost", "localhost.local" })]
    [InlineData("not a name", new[] { "localhost" })]
    public void Names_of_the_machine(string host, string[] names) => Assert.Equal(names, MachineNames.Of(host));

    [Fact]
    public async Task Nothing_but_this_machine_is_listened_to_until_the_owner_turns_the_switch()
    {
        await using var app = GasselHost.Build(new Launch(0, _folder, Demo: false), TimeProvider.System);
        await app.StartAsync(TestContext.Current.CancellationToken);
        using var http = new HttpClient { BaseAddress = new Uri(app.Urls.Single()) };
        var door = app.Services.GetRequiredService<NetworkDoor>();
        var cancel = TestContext.Current.CancellationToken;
        async Task<(HttpStatusCode Status, string Words)> Send(HttpMethod method, string path, string json)
        {
            using var request = new HttpRequestMessage(method, path)
            {
                Content = new StringContent(json, System.Text.Encoding.UTF8, "application/json"),
            };
            using var answer = await http.SendAsync(request, cancel);
            return (answer.StatusCode, await answer.Content.ReadAsStringAsync(cancel));
        }
        Task<(HttpStatusCode Status, string Words)> Open() => Send(HttpMethod.Put, "/api/network", """{"open":true}""");
        Assert.Empty(door.Addresses);
        var (status, words) = await Open();
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("Add the owner under People first", words);
        var code = System.Text.Json.Nodes.JsonNode.Parse(
            (await Send(HttpMethod.Post, "/api/people", """{"name":"Odila","role":"owner"}""")).Words
        )!["code"];
        Assert.Contains("Name the site first", (await Open()).Words);
        await Send(HttpMethod.Put, "/api/site", """{"name":"Bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");

        Assert.Equal(HttpStatusCode.OK, (await Open()).Status);
        using var visitor = new Visitor(new(door.Addresses[0]), door.Authority!.Certificate);
        await Until(async () => (await visitor.Get("/api/session"))["needed"]!.GetValue<bool>());
        Assert.Equal(HttpStatusCode.Unauthorized, (await http.GetAsync("/api/rounds", cancel)).StatusCode);

        await visitor.Enter("/api/session/code", $$"""{"name":"Odila","code":"{{code}}","password":"{{OpenBook.Password}}"}""");
        Assert.Equal(200, (await visitor.Send(HttpMethod.Put, "/api/network", """{"open":false}""")).Status);
        await Until(async () => !(await Listens(door.Port)));
        Assert.Equal(HttpStatusCode.OK, (await http.GetAsync("/api/rounds", cancel)).StatusCode);
    }

    [Fact]
    public async Task A_book_left_open_opens_again_at_the_next_start()
    {
        await using (var app = GasselHost.Build(new Launch(0, _folder, Demo: true), TimeProvider.System))
        {
            await app.StartAsync(TestContext.Current.CancellationToken);
            await using var db = app.Services.GetRequiredService<Func<GasselDb>>()();
            db.Sites.Single().OpenToNetwork = true;
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await using var again = GasselHost.Build(new Launch(0, _folder, Demo: true), TimeProvider.System);
        await again.StartAsync(TestContext.Current.CancellationToken);
        Assert.True(again.Services.GetRequiredService<NetworkDoor>().IsOpen);
        Assert.Contains("One-time code for the owner", string.Join('\n', ConsoleWords.OfTheDoor(again.Services)));
    }

    [Fact]
    public async Task A_certificate_of_ones_own_is_used()
    {
        var (path, key) = (Path.Combine(_folder, "own.crt"), Path.Combine(_folder, "own.key"));
        using var own = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=own", own, HashAlgorithmName.SHA256);
        var names = new SubjectAlternativeNameBuilder();
        names.AddDnsName("greenhouse.example");
        foreach (var address in LocalAddresses.Reachable())
            names.AddIpAddress(address);
        request.CertificateExtensions.Add(names.Build());
        using var certificate = request.CreateSelfSigned(DateTimeOffset.UtcNow.AddDays(-1), DateTimeOffset.UtcNow.AddDays(30));
        await File.WriteAllTextAsync(path, certificate.ExportCertificatePem(), TestContext.Current.CancellationToken);
        await File.WriteAllTextAsync(key, own.ExportPkcs8PrivateKeyPem(), TestContext.Current.CancellationToken);

        await using var app = GasselHost.Build(
            new Launch(0, Path.Combine(_folder, "book"), Demo: false, Lan: true, Certificate: path, Key: key),
            TimeProvider.System
        );
        await app.StartAsync(TestContext.Current.CancellationToken);
        var door = app.Services.GetRequiredService<NetworkDoor>();
        Assert.Equal($"https://greenhouse.example:{door.Port}", door.Addresses[0]);
        Assert.Null(door.Authority);
        using var visitor = new Visitor(new(door.Addresses[1]), certificate);
        Assert.True((await visitor.Get("/api/session"))["needed"]!.GetValue<bool>());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await visitor.Http.GetAsync("/authority.crt", TestContext.Current.CancellationToken)).StatusCode
        );
    }

    [Fact]
    public async Task A_certificate_that_is_none_is_told_at_the_start()
    {
        var path = Path.Combine(_folder, "none.crt");
        await File.WriteAllTextAsync(path, "not a certificate", TestContext.Current.CancellationToken);
        var fault = Assert.Throws<BookUnavailableException>(() =>
            GasselHost.Build(new Launch(0, _folder, Demo: false, Lan: true, Certificate: path), TimeProvider.System)
        );
        Assert.Contains("valid is PEM with certificate and key", fault.Message);
        Assert.Contains(
            "cannot be read",
            Assert
                .Throws<BookUnavailableException>(() =>
                    GasselHost.Build(new Launch(0, _folder, Demo: false, Lan: true, Certificate: path + "gone"), TimeProvider.System)
                )
                .Message
        );
    }

    private static async Task Until(Func<Task<bool>> so)
    {
        for (var tries = 0; ; tries++)
        {
            try
            {
                if (await so())
                    return;
            }
            catch (HttpRequestException) when (tries < 100)
            {
                // the door opens and shuts a moment after the answer
            }
            Assert.True(tries < 100, "waited in vain");
            await Task.Delay(50, TestContext.Current.CancellationToken);
        }
    }

    private static async Task<bool> Listens(int port)
    {
        using var socket = new TcpClient();
        try
        {
            await socket.ConnectAsync(IPAddress.Loopback, port);
            return true;
        }
        catch (SocketException)
        {
            return false;
        }
    }
}
