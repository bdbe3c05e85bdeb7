using Gassel.Core.Climate;
using Gassel.Data.Rows;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>Daily weather of the site, read once and kept, with what follows from it.</summary>
public sealed class WeatherBook(BookFile file, Func<GasselDb> connect)
{
    /// <summary>Some milliseconds of writing.</summary>
    private const int DaysATurn = 250;

    private readonly Lock _turn = new();
    private (int Record, double Latitude, double OffsetK, FrostOutlook Outlook)? _kept;

    public async Task<IReadOnlyList<WeatherRecord>> Records()
    {
        await using var db = connect();
        var spans = (
            await db
                .WeatherDays.GroupBy(d => d.RecordId)
                .Select(g => new
                {
                    g.Key,
                    From = g.Min(d => d.Day),
                    To = g.Max(d => d.Day),
                    Days = g.Count(),
                })
                .ToListAsync()
        ).ToDictionary(s => s.Key);
        return
        [
            .. (await db.WeatherRecords.AsNoTracking().Where(r => r.Whole).OrderBy(r => r.Id).ToListAsync())
                .Where(r => spans.ContainsKey(r.Id))
                .Select(r => new WeatherRecord(r.Id, r.Name, r.Generated, spans[r.Id].From, spans[r.Id].To, spans[r.Id].Days)),
        ];
    }

    /// <summary>Days of a record in order; empty where there is none such.</summary>
    public IReadOnlyList<DailyTemperature> Days(int record)
    {
        using var db = connect();
        return
        [
            .. db
                .WeatherDays.AsNoTracking()
                .Where(d => d.RecordId == record)
                .OrderBy(d => d.Day)
                .Select(d => new DailyTemperature(d.Day, d.MinC, d.MaxC, d.SnowCm)),
        ];
    }

    /// <summary>Frost by the record, for the latitude and with the site's offset.</summary>
    public FrostOutlook Outlook(int record, double latitude, double offsetK)
    {
        lock (_turn)
        {
            if (_kept is { } kept && (kept.Record, kept.Latitude, kept.OffsetK) == (record, latitude, offsetK))
                return kept.Outlook;
            var outlook = FrostOutlook.From(Days(record), latitude, offsetK);
            _kept = (record, latitude, offsetK, outlook);
            return outlook;
        }
    }

    /// <summary>
    /// Adds a record with its days, in short turns between which others write; nobody sees it before it is whole. Where it is broken off
    /// nothing of it stays.
    /// </summary>
    /// <exception cref="OperationCanceledException">It was broken off.</exception>
    public async Task<int> Add(
        string name,
        bool generated,
        DateTimeOffset now,
        IReadOnlyList<DailyTemperature> days,
        WriteGate gate,
        CancellationToken cancel
    )
    {
        var id = await gate.Write(() => Task.FromResult(Begin(name, generated, now)), cancel);
        try
        {
            foreach (var turn in days.Chunk(DaysATurn))
            {
                await gate.Write(() => Task.FromResult(Append(id, turn)), cancel);
            }
            await gate.Write(() => Task.FromResult(Set("UPDATE weather_records SET Whole = 1 WHERE Id = $id", id)), CancellationToken.None);
            return id;
        }
        catch
        {
            await gate.Write(
                () => Task.FromResult(Set("DELETE FROM weather_days WHERE RecordId = $id; DELETE FROM weather_records WHERE Id = $id", id)),
                CancellationToken.None
            );
            throw;
        }
    }

    /// <summary>Records were changed past this book.</summary>
    public void Forget() => _kept = null;

    /// <summary>Takes away what a program that was killed had begun.</summary>
    public void ClearHalfImported() =>
        Set(
            "DELETE FROM weather_days WHERE RecordId IN (SELECT Id FROM weather_records WHERE Whole = 0); DELETE FROM "
                + "weather_records WHERE Whole = 0",
            0
        );

    private int Begin(string name, bool generated, DateTimeOffset now)
    {
        using var db = connect();
        var row = new WeatherRecordRow
        {
            Name = name,
            Generated = generated,
            AddedAt = now.ToUnixTimeMilliseconds(),
            Whole = false,
        };
        db.WeatherRecords.Add(row);
        db.SaveChanges();
        return row.Id;
    }

    private int Append(int record, DailyTemperature[] days)
    {
        using var connection = Open();
        using var transaction = connection.BeginTransaction();
        using var insert = connection.CreateCommand();
        insert.CommandText = "INSERT INTO weather_days (RecordId, Day, MinC, MaxC, SnowCm) VALUES ($record, $day, $min, $max, $snow)";
        insert.Parameters.AddWithValue("$record", record);
        var (day, min, max) = (
            insert.Parameters.Add("$day", SqliteType.Text),
            insert.Parameters.Add("$min", SqliteType.Real),
            insert.Parameters.Add("$max", SqliteType.Real)
        );
        var snow = insert.Parameters.Add("$snow", SqliteType.Real);
        insert.Prepare();
        foreach (var reading in days)
        {
            (day.Value, min.Value, max.Value) = (
                reading.Date,
                (object?)reading.MinC ?? DBNull.Value,
                (object?)reading.MaxC ?? DBNull.Value
            );
            snow.Value = (object?)reading.SnowCm ?? DBNull.Value;
            insert.ExecuteNonQuery();
        }
        transaction.Commit();
        return days.Length;
    }

    private int Set(string sql, int id)
    {
        using var connection = Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.Parameters.AddWithValue("$id", id);
        return command.ExecuteNonQuery();
    }

    private SqliteConnection Open()
    {
        var connection = new SqliteConnection(file.ConnectionString);
        connection.Open();
        using var settings = connection.CreateCommand();
        settings.CommandText = BookFile.ConnectionSettings;
        settings.ExecuteNonQuery();
        return connection;
    }
}
