using Gassel.Core.Climate;
using Microsoft.Data.Sqlite;
using SQLitePCL;

namespace Gassel.Data.Readings;

/// <summary>
/// The table of readings: series, second and hundredths of a degree, and nothing else, ordered by series and time. Written and read past EF
/// Core, which
/// is many times slower at rows of two numbers; the insert goes by the native statement, which halves the time once more.
/// </summary>
internal sealed class ReadingTable : IDisposable
{
    private const long MsPerSecond = 1000;
    private readonly SqliteConnection _connection;

    public ReadingTable(BookFile file)
    {
        _connection = new SqliteConnection(file.ConnectionString);
        _connection.Open();
        Run(BookFile.ConnectionSettings);
    }

    /// <summary>All of them with their thermometers, by thermometer and time.</summary>
    public IEnumerable<RawReading> Raw()
    {
        using var command = _connection.CreateCommand();
        command.CommandText = """
            SELECT s.Name, p.Name, s.Device IS NOT NULL, s.Aside, r.At, r.CentiC, h.Percent
            FROM readings r
            JOIN reading_series s ON s.Id = r.SeriesId
            JOIN places p ON p.Id = s.PlaceId
            LEFT JOIN humidity h ON h.SeriesId = r.SeriesId AND h.At = r.At
            WHERE s.Whole
            ORDER BY r.SeriesId, r.At
            """;
        using var rows = command.ExecuteReader();
        while (rows.Read())
        {
            yield return new(
                rows.GetString(0),
                rows.GetString(1),
                rows.GetBoolean(2),
                rows.GetBoolean(3),
                DateTimeOffset.FromUnixTimeSeconds(rows.GetInt64(4)),
                rows.GetInt64(5) / 100.0,
                rows.IsDBNull(6) ? null : rows.GetDouble(6)
            );
        }
    }

    /// <summary>Adds the readings in one transaction; one at a second which the series has already is left out.</summary>
    /// <returns>How many were new.</returns>
    public int Append(int series, ReadOnlySpan<TemperatureReading> readings)
    {
        using var transaction = _connection.BeginTransaction();
        var added = Insert(series, readings);
        transaction.Commit();
        return added;
    }

    private int Insert(int series, ReadOnlySpan<TemperatureReading> readings)
    {
        var db = _connection.Handle!;
        raw.sqlite3_prepare_v2(db, "INSERT OR IGNORE INTO readings (SeriesId, At, CentiC) VALUES (?1, ?2, ?3)", out var insert);
        using (insert)
        {
            var before = raw.sqlite3_total_changes(db);
            raw.sqlite3_bind_int64(insert, 1, series);
            foreach (var reading in readings)
            {
                raw.sqlite3_bind_int64(insert, 2, reading.UnixMs / MsPerSecond);
                raw.sqlite3_bind_int64(insert, 3, (long)Math.Round(reading.TempC * 100));
                if (raw.sqlite3_step(insert) is not raw.SQLITE_DONE and var fault)
                    throw new SqliteException(raw.sqlite3_errmsg(db).utf8_to_string(), fault);
                raw.sqlite3_reset(insert);
            }
            return raw.sqlite3_total_changes(db) - before;
        }
    }

    /// <summary>Adds what several thermometers sent in one transaction.</summary>
    public void AppendAll(IEnumerable<SentReadings> sent)
    {
        using var transaction = _connection.BeginTransaction();
        using var humid = _connection.CreateCommand();
        humid.CommandText = "INSERT OR IGNORE INTO humidity (SeriesId, At, Percent) VALUES ($series, $at, $percent)";
        foreach (var (series, _, readings, humidity) in sent)
        {
            Insert(series, [.. readings]);
            foreach (var (at, percent) in humidity)
            {
                humid.Parameters.Clear();
                humid.Parameters.AddWithValue("$series", series);
                humid.Parameters.AddWithValue("$at", at / MsPerSecond);
                humid.Parameters.AddWithValue("$percent", percent);
                humid.ExecuteNonQuery();
            }
        }
        transaction.Commit();
    }

    /// <summary>Readings of the series from an instant on, in order of time; of several at one second the first series'.</summary>
    public IEnumerable<TemperatureReading> Read(IReadOnlyCollection<int> series, long fromUnixMs, long toUnixMs = long.MaxValue)
    {
        if (series.Count == 0)
            yield break;
        using var command = _connection.CreateCommand();
        command.CommandText =
            $"SELECT At, CentiC FROM readings WHERE SeriesId IN ({string.Join(',', series)}) AND At >= $from AND At <= "
            + $"$to ORDER BY At, SeriesId";
        command.Parameters.AddWithValue("$from", fromUnixMs / MsPerSecond);
        command.Parameters.AddWithValue("$to", toUnixMs / MsPerSecond);
        using var reader = command.ExecuteReader();
        var last = long.MinValue;
        while (reader.Read())
        {
            var at = reader.GetInt64(0);
            if (at == last)
                continue;
            last = at;
            yield return new(at * MsPerSecond, reader.GetInt64(1) / 100.0);
        }
    }

    /// <summary>Relative humidity of the series between two instants, in order of time.</summary>
    public IEnumerable<HumidityReading> Humidity(IReadOnlyCollection<int> series, long fromUnixMs, long toUnixMs)
    {
        if (series.Count == 0)
            yield break;
        using var command = _connection.CreateCommand();
        command.CommandText =
            $"SELECT At, Percent FROM humidity WHERE SeriesId IN ({string.Join(',', series)}) AND At >= $from AND At <= $to ORDER BY At";
        command.Parameters.AddWithValue("$from", fromUnixMs / MsPerSecond);
        command.Parameters.AddWithValue("$to", toUnixMs / MsPerSecond);
        using var reader = command.ExecuteReader();
        while (reader.Read())
            yield return new(reader.GetInt64(0) * MsPerSecond, reader.GetDouble(1));
    }

    /// <summary>Null where the series has none.</summary>
    public TemperatureReading? Last(int series)
    {
        using var command = _connection.CreateCommand();
        command.CommandText = "SELECT At, CentiC FROM readings WHERE SeriesId = $series ORDER BY At DESC LIMIT 1";
        command.Parameters.AddWithValue("$series", series);
        using var reader = command.ExecuteReader();
        return reader.Read() ? new(reader.GetInt64(0) * MsPerSecond, reader.GetInt64(1) / 100.0) : null;
    }

    public (DateTimeOffset? From, DateTimeOffset? To, long Count) Span(int series)
    {
        using var command = _connection.CreateCommand();
        command.CommandText = "SELECT min(At), max(At), count(*) FROM readings WHERE SeriesId = $series";
        command.Parameters.AddWithValue("$series", series);
        using var reader = command.ExecuteReader();
        reader.Read();
        DateTimeOffset? At(int column) => reader.IsDBNull(column) ? null : DateTimeOffset.FromUnixTimeSeconds(reader.GetInt64(column));
        return (At(0), At(1), reader.GetInt64(2));
    }

    /// <summary>
    /// Leaves it to <see cref="Checkpoint"/> when pages go from the log into the file, so that it happens between two turns of writing and
    /// not within one.
    /// </summary>
    public void CheckpointByHand() => Run("PRAGMA wal_autocheckpoint = 0");

    /// <summary>Moves pages from the log into the file as far as nobody needs them; others write meanwhile.</summary>
    public void Checkpoint() => Run("PRAGMA wal_checkpoint(PASSIVE)");

    private void Run(string sql)
    {
        using var command = _connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    /// <summary>How many seconds of the series others have a reading of as well.</summary>
    public long Shared(int series, IReadOnlyCollection<int> others)
    {
        if (others.Count == 0)
            return 0;
        using var command = _connection.CreateCommand();
        command.CommandText =
            $"SELECT count(*) FROM readings r WHERE r.SeriesId = $series AND EXISTS (SELECT 1 FROM readings o WHERE "
            + $"o.SeriesId IN ({string.Join(',', others)}) AND o.At = r.At)";
        command.Parameters.AddWithValue("$series", series);
        return (long)command.ExecuteScalar()!;
    }

    /// <summary>Takes some readings of a series away.</summary>
    /// <returns>False once none is left.</returns>
    public bool TakeSome(int series, int rows)
    {
        using var command = _connection.CreateCommand();
        command.CommandText =
            "DELETE FROM readings WHERE SeriesId = $series AND At IN (SELECT At FROM readings WHERE SeriesId = "
            + "$series ORDER BY At LIMIT $rows)";
        command.Parameters.AddWithValue("$series", series);
        command.Parameters.AddWithValue("$rows", rows);
        return command.ExecuteNonQuery() > 0;
    }

    public void Dispose() => _connection.Dispose();
}
