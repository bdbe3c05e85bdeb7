using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Gassel.Data.Photos;
using Microsoft.Data.Sqlite;

namespace Gassel.Data.Packages;

/// <summary>Writes the whole book as one open package: a zip of CSV files and their description.</summary>
public static class PackageWriter
{
    private static readonly JsonSerializerOptions _plain = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly DateTimeOffset _firstOfZips = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>Of one moment of the book, also while it is in use. The same book gives the same bytes but for the time.</summary>
    /// <param name="into">Only written to, from start to end.</param>
    /// <exception cref="OperationCanceledException">It was called off.</exception>
    public static void Write(BookFile file, Stream into, PackageLicence licence, DateTimeOffset now, CancellationToken cancel = default)
    {
        using var connection = new SqliteConnection(file.ConnectionString);
        connection.Open();
        // one snapshot for all tables
        using var snapshot = connection.BeginTransaction(deferred: true);
        using var zip = new ZipArchive(into, ZipArchiveMode.Create, leaveOpen: true);
        var resources = new JsonArray();
        foreach (var table in PackageTables.All)
            resources.Add(Write(connection, table, zip, now, cancel));
        Photos(connection, new PhotoFolder(file), zip, now, cancel);
        var (site, madeUp) = Site(connection);
        var descriptor = PackageDescriptor.Of(site, madeUp, BookFile.NewestMigration(), now, licence, resources);
        using var last = Entry(zip, PackageDescriptor.FileName, now);
        last.Write(Encoding.UTF8.GetBytes(descriptor.ToJsonString(_plain) + "\n"));
    }

    private static JsonObject Write(
        SqliteConnection connection,
        PackageTable table,
        ZipArchive zip,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        using var stream = Entry(zip, table.Path, now);
        long bytes = 0;
        Line(table.Fields.Select(f => f.Name));
        using var select = connection.CreateCommand();
        select.CommandText =
            $"SELECT {string.Join(", ", table.Fields.Select(f => $"\"{f.Column}\""))} FROM {table.From} "
            + $"WHERE {table.Where} ORDER BY {table.Order}";
        using var rows = select.ExecuteReader();
        while (rows.Read())
        {
            cancel.ThrowIfCancellationRequested();
            Line(table.Fields.Select((f, i) => rows.IsDBNull(i) ? "" : CsvCell.Quoted(PackageCells.Write(f.Kind, rows.GetValue(i)))));
        }
        return PackageDescriptor.Resource(table, bytes, Convert.ToHexStringLower(hash.GetHashAndReset()));

        void Line(IEnumerable<string> cells)
        {
            var line = Encoding.UTF8.GetBytes(string.Join(',', cells) + "\r\n");
            hash.AppendData(line);
            stream.Write(line);
            bytes += line.Length;
        }
    }

    /// <summary>Those that entries speak of; they are packed already, and each is named by its sum.</summary>
    private static void Photos(
        SqliteConnection connection,
        PhotoFolder photos,
        ZipArchive zip,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        using var select = connection.CreateCommand();
        select.CommandText = "SELECT DISTINCT Payload ->> 'photo' AS name FROM entries WHERE Kind = 'photo' ORDER BY name";
        using var rows = select.ExecuteReader();
        while (rows.Read())
        {
            cancel.ThrowIfCancellationRequested();
            if (rows.IsDBNull(0) || photos.Find(rows.GetString(0)) is not { } path)
                continue;
            using var into = Entry(zip, PackageDescriptor.PhotoFolder + rows.GetString(0), now, CompressionLevel.NoCompression);
            using var picture = File.OpenRead(path);
            picture.CopyTo(into);
        }
    }

    private static Stream Entry(ZipArchive zip, string path, DateTimeOffset now, CompressionLevel packed = CompressionLevel.Optimal)
    {
        var entry = zip.CreateEntry(path, packed);
        // a zip knows no day before; a machine without a clock of its own begins in 1970
        entry.LastWriteTime = now < _firstOfZips ? _firstOfZips : now;
        return entry.Open();
    }

    private static (string Name, bool MadeUp) Site(SqliteConnection connection)
    {
        using var select = connection.CreateCommand();
        select.CommandText = "SELECT Name, DemoShowed IS NOT NULL FROM site";
        using var row = select.ExecuteReader();
        return row.Read() ? (row.GetString(0), row.GetBoolean(1)) : ("A book without a site", false);
    }
}
