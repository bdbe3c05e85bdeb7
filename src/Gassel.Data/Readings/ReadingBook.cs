using Gassel.Core.Climate;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data.Readings;

/// <summary>
/// Readings of places, and the daily sums that follow from them: summed once for each response, and again only from where something new
/// came in.
/// </summary>
public sealed class ReadingBook(BookFile file, Func<GasselDb> connect)
{
    /// <summary>Some milliseconds of writing, so that who records meanwhile does not wait.</summary>
    private const int ReadingsATurn = 2000;

    /// <summary>Some hundred pages of log.</summary>
    private const int TurnsToCheckpoint = 20;

    /// <summary>A reading before the day tells the line into it.</summary>
    private const long MsBefore = 7 * 3_600_000L;

    private readonly Lock _turn = new();
    private readonly Dictionary<(string Place, ColdResponse Response, string Zone), Kept> _days = [];
    private readonly Dictionary<string, long> _versions = [];
    private readonly Dictionary<string, long> _changes = [];
    private Dictionary<string, int[]>? _used;

    /// <summary>Goes up with everything that is written.</summary>
    public long Version { get; private set; }

    /// <summary>Changes with everything that is written of a place.</summary>
    public long VersionOf(string place)
    {
        lock (_turn)
            return _versions.GetValueOrDefault(place);
    }

    /// <summary>Changes with what is known already of a place, and not with a new reading.</summary>
    public long ChangesOf(string place)
    {
        lock (_turn)
            return _changes.GetValueOrDefault(place);
    }

    public async Task<IReadOnlyList<ReadingSeries>> Series()
    {
        await using var db = connect();
        var rows = await db.ReadingSeries.AsNoTracking().Where(s => s.Whole).OrderBy(s => s.Id).ToListAsync();
        using var table = new ReadingTable(file);
        return
        [
            .. rows.Select(r =>
            {
                var (from, to, count) = table.Span(r.Id);
                return new ReadingSeries(r.Id, r.PlaceId, r.Name, r.Source, r.Device, r.Behaviour, r.Attached, r.Aside, from, to, count);
            }),
        ];
    }

    /// <summary>Days of a place with readings, in order, jumps left out.</summary>
    public IReadOnlyList<TemperatureDay> Days(string place, ColdResponse response, TimeZoneInfo zone)
    {
        lock (_turn)
        {
            var series = Used(place);
            if (series.Length == 0)
                return [];
            var key = (place, response, zone.Id);
            if (!_days.TryGetValue(key, out var kept))
                _days[key] = kept = new([], long.MinValue);
            if (kept.StaleFrom is not { } stale)
                return kept.Days;
            var bounds = new DayBounds(zone);
            var first = stale == long.MinValue ? DateOnly.MinValue : bounds.DayOf(stale).AddDays(-1);
            using var table = new ReadingTable(file);
            var fresh = ReadingDays
                .Of(
                    ReadingJumps.LeaveOut(table.Read(series, stale == long.MinValue ? 0 : bounds.StartOf(first) - MsBefore)),
                    response,
                    bounds
                )
                .Days;
            IReadOnlyList<TemperatureDay> days = [.. kept.Days.TakeWhile(d => d.Date < first), .. fresh.SkipWhile(d => d.Date < first)];
            _days[key] = new(days, null);
            return days;
        }
    }

    /// <summary>Readings of a place in order, jumps included.</summary>
    public IReadOnlyList<TemperatureReading> Between(string place, DateTimeOffset from, DateTimeOffset to)
    {
        int[] series;
        lock (_turn)
            series = Used(place);
        using var table = new ReadingTable(file);
        return [.. table.Read(series, from.ToUnixTimeMilliseconds(), to.ToUnixTimeMilliseconds())];
    }

    /// <summary>All readings of all thermometers, one after the other as they are read from the file.</summary>
    public IEnumerable<RawReading> Raw()
    {
        using var table = new ReadingTable(file);
        foreach (var reading in table.Raw())
            yield return reading;
    }

    /// <summary>Relative humidity of a place between two moments, in order of time.</summary>
    public IReadOnlyList<HumidityReading> Humidity(string place, DateTimeOffset from, DateTimeOffset to)
    {
        int[] series;
        lock (_turn)
            series = Used(place);
        using var table = new ReadingTable(file);
        return [.. table.Humidity(series, from.ToUnixTimeMilliseconds(), to.ToUnixTimeMilliseconds())];
    }

    /// <summary>The newest reading of a place; null where there is none.</summary>
    public TemperatureReading? Last(string place)
    {
        int[] series;
        lock (_turn)
            series = Used(place);
        if (series.Length == 0)
            return null;
        using var table = new ReadingTable(file);
        return series
            .Select(s => table.Last(s))
            .OfType<TemperatureReading>()
            .OrderBy(r => r.UnixMs)
            .Cast<TemperatureReading?>()
            .LastOrDefault();
    }

    /// <summary>Adds readings to a series.</summary>
    public async Task Append(int series, string place, TemperatureReading[] readings, WriteGate gate, CancellationToken cancel)
    {
        await gate.Write(
            () =>
            {
                using var table = new ReadingTable(file);
                return Task.FromResult(table.Append(series, readings));
            },
            cancel
        );
        Stale(place, readings.Length == 0 ? null : readings.Min(r => r.UnixMs), isNew: true);
    }

    /// <summary>
    /// Adds a series from chunks as they arrive, in short turns between which others write; nobody sees it before it is whole. Where it is
    /// broken off
    /// nothing of it stays.
    /// </summary>
    /// <exception cref="OperationCanceledException">It was broken off.</exception>
    public async Task<Imported> Import(
        string place,
        string name,
        DateTimeOffset now,
        IAsyncEnumerable<ReadOnlyMemory<TemperatureReading>> chunks,
        WriteGate gate,
        CancellationToken cancel
    )
    {
        var id = await gate.Write(
            () =>
                Task.FromResult(
                    AddSeries(
                        new()
                        {
                            PlaceId = place,
                            Name = name,
                            Source = ReadingSource.File,
                            Whole = false,
                            AddedAt = now.ToUnixTimeMilliseconds(),
                        }
                    )
                ),
            cancel
        );
        try
        {
            using var table = new ReadingTable(file);
            table.CheckpointByHand();
            var (read, added, turns) = (0L, 0L, 0);
            await foreach (var chunk in chunks.WithCancellation(cancel))
            {
                for (var at = 0; at < chunk.Length; at += ReadingsATurn)
                {
                    var turn = chunk.Slice(at, Math.Min(ReadingsATurn, chunk.Length - at));
                    added += await gate.Write(() => Task.FromResult(table.Append(id, turn.Span)), cancel);
                    if (++turns % TurnsToCheckpoint == 0)
                        table.Checkpoint();
                }
                read += chunk.Length;
            }
            int[] others;
            lock (_turn)
                others = Used(place);
            var shared = table.Shared(id, others);
            if (added == 0 || shared == added)
            {
                await Remove(id, gate);
                return new(null, read, read - added, shared);
            }
            await gate.Write(
                async () =>
                {
                    await using var db = connect();
                    return await db
                        .ReadingSeries.Where(s => s.Id == id)
                        .ExecuteUpdateAsync(s => s.SetProperty(x => x.Whole, true), CancellationToken.None);
                },
                CancellationToken.None
            );
            Stale(place, long.MinValue);
            return new(id, read, read - added, shared);
        }
        catch
        {
            await Remove(id, gate);
            throw;
        }
    }

    /// <summary>Changes what is said of a series: attached, aside, or how a simulated device behaves.</summary>
    /// <returns>False where there is no such series.</returns>
    public async Task<bool> Change(int series, Action<ReadingSeriesRow> change, WriteGate gate)
    {
        var place = await gate.Write<string?>(
            async () =>
            {
                await using var db = connect();
                if (await db.ReadingSeries.SingleOrDefaultAsync(s => s.Id == series && s.Whole) is not { } row)
                    return null;
                change(row);
                await db.SaveChangesAsync();
                return row.PlaceId;
            },
            CancellationToken.None
        );
        if (place is not null)
            Stale(place, long.MinValue);
        return place is not null;
    }

    /// <summary>Series from which a reading is expected every now and then.</summary>
    public async Task<IReadOnlyList<ReadingSeriesRow>> Attached()
    {
        await using var db = connect();
        return await db.ReadingSeries.AsNoTracking().Where(s => s.Attached).ToListAsync();
    }

    /// <summary>Attached ones that are made up.</summary>
    public async Task<IReadOnlyList<ReadingSeriesRow>> Played() => [.. (await Attached()).Where(s => s.Device is not null)];

    /// <summary>
    /// Sets every simulated device of a real book aside for good: its readings stay, marked as what they are, and count as measured
    /// nowhere.
    /// </summary>
    public async Task SetSimulatedAside(WriteGate gate)
    {
        if (!Any("Device IS NOT NULL AND NOT (Aside AND NOT Attached)"))
            return;
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                return await db
                    .ReadingSeries.Where(s => s.Device != null && !(s.Aside && !s.Attached))
                    .ExecuteUpdateAsync(s => s.SetProperty(x => x.Aside, true).SetProperty(x => x.Attached, false), CancellationToken.None);
            },
            CancellationToken.None
        );
        lock (_turn)
            _used = null;
    }

    /// <summary>Keeps what several thermometers sent in one turn of writing: on disk when it comes back.</summary>
    public async Task Keep(IReadOnlyList<SentReadings> sent, WriteGate gate, CancellationToken cancel)
    {
        await gate.Write(
            () =>
            {
                using var table = new ReadingTable(file);
                table.AppendAll(sent);
                return Task.FromResult(sent.Count);
            },
            cancel
        );
        foreach (var place in sent.Where(s => s.Readings.Count > 0).GroupBy(s => s.PlaceId))
            Stale(place.Key, place.Min(s => s.Readings.Min(r => r.UnixMs)), isNew: true);
    }

    /// <summary>Takes away what a program that was killed had begun.</summary>
    public async Task ClearHalfImported(WriteGate gate)
    {
        if (!Any("NOT Whole"))
            return;
        await using var db = connect();
        foreach (var id in await db.ReadingSeries.Where(s => !s.Whole).Select(s => s.Id).ToListAsync())
            await Remove(id, gate);
    }

    /// <summary>Asked at each start, of the file itself: a question put together by EF Core would take a tenth of that start.</summary>
    private bool Any(string which)
    {
        using var connection = new SqliteConnection(file.ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = $"SELECT EXISTS (SELECT 1 FROM reading_series WHERE {which})";
        return command.ExecuteScalar() is 1L;
    }

    private async Task Remove(int series, WriteGate gate)
    {
        using var table = new ReadingTable(file);
        while (await gate.Write(() => Task.FromResult(table.TakeSome(series, ReadingsATurn)), CancellationToken.None)) { }
        await gate.Write(
            async () =>
            {
                await using var db = connect();
                return await db.ReadingSeries.Where(s => s.Id == series).ExecuteDeleteAsync(CancellationToken.None);
            },
            CancellationToken.None
        );
    }

    /// <summary>A series of the place is new or was changed past this book.</summary>
    public void Forget(string place) => Stale(place, null);

    private int AddSeries(ReadingSeriesRow row)
    {
        using var db = connect();
        db.ReadingSeries.Add(row);
        db.SaveChanges();
        if (row.Whole)
            Stale(row.PlaceId, null);
        return row.Id;
    }

    /// <summary>Series of a place that count.</summary>
    private int[] Used(string place)
    {
        if (_used is null)
        {
            using var db = connect();
            _used = db
                .ReadingSeries.AsNoTracking()
                .Where(s => s.Whole && !s.Aside)
                .Select(s => new { s.PlaceId, s.Id })
                .AsEnumerable()
                .GroupBy(s => s.PlaceId, s => s.Id)
                .ToDictionary(g => g.Key, g => g.Order().ToArray());
        }
        return _used.GetValueOrDefault(place, []);
    }

    /// <param name="fromUnixMs">Days from there on are summed again; null where no reading changed.</param>
    /// <param name="isNew">A reading more; false where what was known changed.</param>
    private void Stale(string place, long? fromUnixMs, bool isNew = false)
    {
        lock (_turn)
        {
            _used = null;
            if (!isNew)
                _changes[place] = _changes.GetValueOrDefault(place) + 1;
            _versions[place] = ++Version;
            if (fromUnixMs is not { } from)
                return;
            foreach (var (key, kept) in _days.Where(d => d.Key.Place == place).ToList())
                _days[key] = kept with { StaleFrom = Math.Min(kept.StaleFrom ?? from, from) };
        }
    }

    /// <param name="StaleFrom">Something came in from this instant on, Unix milliseconds; the smallest of all at first; null where nothing
    /// did.</param>
    private sealed record Kept(IReadOnlyList<TemperatureDay> Days, long? StaleFrom);
}
