using Gassel.Data;
using Gassel.Web.Runtime;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>What is kept in memory while others write.</summary>
public sealed class KeptReadingTests
{
    [Fact]
    public async Task A_reading_that_began_before_it_was_forgotten_is_not_kept()
    {
        var (value, slow) = (1, new TaskCompletionSource());
        var kept = new KeptReading<int>(async () =>
        {
            var seen = value;
            await slow.Task;
            return seen;
        });
        var old = kept.Get();
        value = 2;
        kept.Forget();
        slow.SetResult();
        Assert.Equal(1, await old);
        Assert.Equal(2, await kept.Get());
    }

    [Fact]
    public async Task Whoever_reads_after_a_change_sees_it_however_many_read_and_write()
    {
        var value = 0;
        var kept = new KeptReading<int>(async () =>
        {
            var seen = Volatile.Read(ref value);
            await Task.Yield();
            return seen;
        });
        var stop = false;
        var readers = Enumerable
            .Range(0, 4)
            .Select(_ =>
                Task.Run(async () =>
                {
                    while (!Volatile.Read(ref stop))
                        await kept.Get();
                })
            )
            .ToList();
        for (var i = 1; i <= 20_000; i++)
        {
            Volatile.Write(ref value, i);
            kept.Forget();
            Assert.Equal(i, await kept.Get());
        }
        Volatile.Write(ref stop, true);
        await Task.WhenAll(readers);
    }

    [Fact]
    public async Task A_reading_that_failed_is_read_again()
    {
        var times = 0;
        var kept = new KeptReading<int>(() =>
            ++times == 1 ? Task.FromException<int>(new InvalidOperationException("disk")) : Task.FromResult(7)
        );
        await Assert.ThrowsAsync<InvalidOperationException>(kept.Get);
        Assert.Equal(7, await kept.Get());
    }

    /// <summary>A reader sees one site or the other, never the name of one with the latitude of the other.</summary>
    [Fact]
    public async Task The_site_is_swapped_whole()
    {
        await using var book = new RunningBook();
        await book.InitializeAsync();
        var clock = book.Services.GetRequiredService<SiteClock>();
        string Of(int i) => $$"""{"name":"{{i}}","latitude":{{i}},"timeZone":"America/Denver","lastFrost":"05-08"}""";
        await book.Put("/api/site?asOf=*", Of(0));
        var stop = false;
        var (torn, read) = (0, 0);
        var reader = Task.Run(
            () =>
            {
                while (!Volatile.Read(ref stop))
                {
                    var site = clock.Site!;
                    read++;
                    if (site.Name != $"{site.Latitude:0}")
                        torn++;
                }
            },
            TestContext.Current.CancellationToken
        );
        for (var i = 1; i <= 60; i++)
            await book.Put("/api/site?asOf=*", Of(i));
        Volatile.Write(ref stop, true);
        await reader;
        Assert.Equal((0, "60"), (torn, clock.Site!.Name));
        Assert.True(read > 60);
    }
}
