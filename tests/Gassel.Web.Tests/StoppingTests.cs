using System.Diagnostics;
using System.Net.Sockets;
using System.Text;
using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;

namespace Gassel.Web.Tests;

/// <summary>The program ends when it is asked to, whatever runs.</summary>
public sealed class StoppingTests : IDisposable
{
    private const string Balsamroot =
        """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}""";

    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-stopping-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    /// <summary>The host's own patience is 30 s; a system that shuts down kills after less.</summary>
    [Fact]
    public async Task A_client_in_the_middle_of_sending_is_not_waited_for()
    {
        EmptyBook.Lay(_folder);
        var app = GasselHost.Build(new Launch(0, _folder, Demo: false), TimeProvider.System);
        await app.StartAsync(TestContext.Current.CancellationToken);
        using var client = new TcpClient("127.0.0.1", new Uri(app.Urls.First()).Port);
        await client
            .GetStream()
            .WriteAsync(
                Encoding.ASCII.GetBytes(
                    "POST /api/lots HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{"
                ),
                TestContext.Current.CancellationToken
            );
        await Task.Delay(500, TestContext.Current.CancellationToken);
        var began = Stopwatch.GetTimestamp();
        await app.StopAsync(TestContext.Current.CancellationToken);
        await app.DisposeAsync();
        Assert.InRange(Stopwatch.GetElapsedTime(began), TimeSpan.Zero, TimeSpan.FromSeconds(10));
    }

    /// <summary>What is made up and half of it missing is no demo; it is made anew, and nothing else is ever thrown away so.</summary>
    [Fact]
    public async Task A_demo_killed_while_it_was_filled_starts_over()
    {
        EmptyBook.Lay(_folder);
        using (var file = new BookFile(_folder))
        {
            file.Open();
            await using var db = Connect(file);
            db.Sites.Add(
                new()
                {
                    Name = "half",
                    Latitude = 46,
                    TimeZone = "America/Denver",
                    LastFrost = "05-08",
                }
            );
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await File.WriteAllTextAsync(Path.Combine(_folder, "demo-filling"), "", TestContext.Current.CancellationToken);
        var app = GasselHost.Build(new Launch(0, _folder, Demo: true), TimeProvider.System);
        await app.StartAsync(TestContext.Current.CancellationToken);
        await app.DisposeAsync();
        Assert.False(File.Exists(Path.Combine(_folder, "demo-filling")));
        using var whole = new BookFile(_folder);
        whole.Open();
        await using var made = Connect(whole);
        Assert.Equal("Skarve Bench Native Nursery", made.Sites.Single().Name);
        Assert.True(made.Batches.Count() > 30);
    }

    [Fact]
    public void A_book_restored_over_a_half_made_demo_stays()
    {
        EmptyBook.Lay(_folder);
        var copy = Path.Combine(_folder, "copy.db");
        File.Copy(Path.Combine(_folder, "gassel.db"), copy);
        using (var book = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={copy};Pooling=False"))
        {
            book.Open();
            using var own = book.CreateCommand();
            own.CommandText = "INSERT INTO lots (SpeciesId, Body) VALUES ('balsamroot', '{}')";
            own.ExecuteNonQuery();
        }
        File.WriteAllText(Path.Combine(_folder, "demo-filling"), "");
        BookCopies.Restore(copy, _folder, DateTimeOffset.UtcNow);
        using var file = new BookFile(_folder);
        file.Open();
        using var db = Connect(file);
        Assert.Single(db.Lots.Select(l => l.Id));
    }

    /// <summary>The demo fills empty books alone: one that was begun, and whose site nobody named, is somebody's.</summary>
    [Fact]
    public async Task The_demo_leaves_a_book_with_seed_in_it_alone()
    {
        EmptyBook.Lay(_folder);
        var own = GasselHost.Build(new Launch(0, _folder, Demo: false), TimeProvider.System);
        await own.StartAsync(TestContext.Current.CancellationToken);
        using (var http = new HttpClient { BaseAddress = new Uri(own.Urls.First()) })
        {
            using var lot = await http.PostAsync(
                "/api/lots",
                new StringContent(Balsamroot, Encoding.UTF8, "application/json"),
                TestContext.Current.CancellationToken
            );
            Assert.True(lot.IsSuccessStatusCode, await lot.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        }
        await own.DisposeAsync();
        var app = GasselHost.Build(new Launch(0, _folder, Demo: true), TimeProvider.System);
        await app.StartAsync(TestContext.Current.CancellationToken);
        await app.DisposeAsync();
        using var file = new BookFile(_folder);
        file.Open();
        await using var db = Connect(file);
        Assert.Empty(db.Sites);
        Assert.Single(db.Lots);
    }

    private static GasselDb Connect(BookFile file)
    {
        var options = new Microsoft.EntityFrameworkCore.DbContextOptionsBuilder<GasselDb>();
        file.Configure(options);
        return new(options.Options);
    }
}
