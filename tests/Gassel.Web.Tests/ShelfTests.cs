using System.Text.Json;
using CsCheck;
using Gassel.Core.Record;
using Gassel.Data;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>What is kept in memory is what the file would give.</summary>
public sealed class ShelfTests(RunningBook book) : IClassFixture<RunningBook>
{
    /// <summary>Entries as phones might send them: out of order, doubled, taken back, wrong.</summary>
    private static readonly Gen<(int Days, Func<Guid[], EntryPayload> Payload)> Recorded = Gen.Select(
        Gen.Int[0, 120],
        Gen.OneOf(
            Gen.Int[0, 4].Select(step => (Func<Guid[], EntryPayload>)(_ => new StepStarted("1", step, step == 0 ? 60 : null))),
            Gen.Int[0, 4].Select(step => (Func<Guid[], EntryPayload>)(_ => new StepEnded("1", step))),
            Gen.Int[0, 9]
                .Select(sprouted =>
                    (Func<Guid[], EntryPayload>)(_ => new Core.Record.Check("1", Moisture.Right, MouldSeen.None, sprouted))
                ),
            Gen.Int[1, 59]
                .Select(seeds => (Func<Guid[], EntryPayload>)(_ => new Split("1", [new("1.1", seeds, 0), new("1.2", 60 - seeds, 0)]))),
            Gen.Int[0, 30].Select(up => (Func<Guid[], EntryPayload>)(_ => new Count("1", up, up / 3))),
            Gen.Int[0, 120].Select(days => (Func<Guid[], EntryPayload>)(_ => new Replanned([new(0, days)], new(2027, 6, 1)))),
            Gen.Int[0, 1000]
                .Select(which =>
                    (Func<Guid[], EntryPayload>)(known => new VoidEntry(known.Length == 0 ? Guid.NewGuid() : known[which % known.Length]))
                )
        )
    );

    [Fact]
    public async Task Cached_state_is_cold_state_after_any_history()
    {
        var id = await book.BatchOfBalsamroot();
        var shelf = book.Services.GetRequiredService<BatchShelf>();
        var recorder = book.Services.GetRequiredService<EntryRecorder>();
        var histories = new List<(int Days, Func<Guid[], EntryPayload> Payload)[]>();
        Recorded.Array[1, 12].Sample(histories.Add, iter: 12, threads: 1);
        foreach (var history in histories)
        {
            foreach (var (days, payload) in history)
            {
                var known = (await shelf.Find(id))!.Entries.Select(e => e.Id).ToArray();
                var entry = new Entry(
                    Guid.NewGuid(),
                    0,
                    Guid.NewGuid(),
                    new DateOnly(2026, 11, 1).AddDays(days),
                    null,
                    DateTimeOffset.UnixEpoch,
                    "phone",
                    EntrySource.Hand,
                    payload(known)
                );
                await recorder.Record(id, [entry], IfConflict.Keep, TestContext.Current.CancellationToken);
            }
            var cached = (await shelf.Find(id))!;
            using var fresh = new BatchShelf(book.Services.GetRequiredService<Func<GasselDb>>());
            var cold = (await fresh.Find(id))!;
            Assert.Equal(JsonSerializer.Serialize(cold.State, CoreJson.Options), JsonSerializer.Serialize(cached.State, CoreJson.Options));
            Assert.Equal(JsonSerializer.Serialize(cold.Plan, CoreJson.Options), JsonSerializer.Serialize(cached.Plan, CoreJson.Options));
        }
        Assert.True((await shelf.Find(id))!.Entries.Count > 20);
    }
}
