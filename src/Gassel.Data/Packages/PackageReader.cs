using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;
using System.Text.Json.Nodes;
using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Data.Photos;
using Microsoft.Data.Sqlite;
using Sylvan.Data.Csv;

namespace Gassel.Data.Packages;

/// <summary>Reads a package into tables beside the book, every cell judged; the book itself is not touched.</summary>
internal sealed class PackageReader(SqliteConnection connection, ZipArchive zip, long packed, CancellationToken cancel)
{
    /// <summary>A package unpacks to so much at least without suspicion, bytes.</summary>
    private const long FreeBytes = 50_000_000;

    /// <summary>And beyond that to so many times what it is packed.</summary>
    private const int MostTimes = 100;

    private const int MostFiles = 100_000;
    private const int MostDescriptorBytes = 1_000_000;
    private const int MostCellBytes = 16_000_000;

    private long _left = Math.Max(FreeBytes, MostTimes * packed);

    /// <exception cref="PackageException">It is none, of a newer Gassel, damaged, or holds what cannot be.</exception>
    public JsonObject Read()
    {
        if (zip.Entries.Count > MostFiles)
            throw new PackageException("the zip", Text.Of($"holds {zip.Entries.Count} files; a package has at most {MostFiles}"));
        var descriptor = Descriptor();
        var resources = Resources(descriptor);
        foreach (var entry in zip.Entries)
        {
            if (entry.FullName.StartsWith(PackageDescriptor.PhotoFolder, StringComparison.Ordinal))
                Photo(entry);
            else if (entry.FullName != PackageDescriptor.FileName && PackageTables.All.All(t => t.Path != entry.FullName))
                throw new PackageException(entry.FullName, "is no file of a package of this version");
        }
        var version = descriptor["gassel"]!["package"]!.GetValue<int>();
        foreach (var table in PackageTables.All)
        {
            MakeRoom(table);
            if (table.Since <= version || resources.ContainsKey(table.Name))
                Stage(table, resources.GetValueOrDefault(table.Name));
        }
        return descriptor;
    }

    /// <summary>The picture under the name that its bytes give it.</summary>
    /// <exception cref="PackageException">It is another, or none.</exception>
    public static byte[] Photo(ZipArchiveEntry entry)
    {
        if (entry.Length > PhotoFolder.MostBytes)
            throw new PackageException(entry.FullName, "is larger than 10 MB");
        using var packed = entry.Open();
        // the zip may say less than comes out of it
        var room = new byte[entry.Length + 1];
        var read = packed.ReadAtLeast(room, room.Length, throwOnEndOfStream: false);
        var bytes = room[..read];
        if (PhotoName.Of(bytes) != entry.Name || entry.FullName != PackageDescriptor.PhotoFolder + entry.Name)
            throw new PackageException(entry.FullName, $"is not the picture that its name says; valid is {PhotoName.Valid}");
        return PhotoMetadata.IsIn(bytes) ? throw new PackageException(entry.FullName, "says where or with what it was taken") : bytes;
    }

    private JsonObject Descriptor()
    {
        var entry = zip.GetEntry(PackageDescriptor.FileName)
            ?? throw new PackageException(PackageDescriptor.FileName, "is missing; a package of Gassel has it beside its data");
        if (entry.Length > MostDescriptorBytes)
            throw new PackageException(PackageDescriptor.FileName, "is larger than 1 MB");
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        using var text = Open(entry, hash);
        try
        {
            var descriptor = JsonNode.Parse(text) as JsonObject;
            return descriptor?["gassel"]?["package"]?.GetValue<int>() switch
            {
                null => throw new PackageException(PackageDescriptor.FileName, "describes no book of Gassel (gassel.package is missing)"),
                > PackageDescriptor.Version => throw new PackageException(
                    PackageDescriptor.FileName,
                    "was written by a newer Gassel; read it with that one"
                ),
                _ => descriptor,
            };
        }
        catch (Exception malformed) when (malformed is JsonException or InvalidOperationException or FormatException)
        {
            throw new PackageException(PackageDescriptor.FileName, $"cannot be read: {malformed.Message}");
        }
    }

    private static Dictionary<string, (long Bytes, string Hash)> Resources(JsonObject descriptor)
    {
        try
        {
            return descriptor["resources"]!
                .AsArray()
                .ToDictionary(
                    r => r!["name"]!.GetValue<string>(),
                    r => (r!["bytes"]!.GetValue<long>(), r["hash"]!.GetValue<string>()),
                    StringComparer.Ordinal
                );
        }
        catch (Exception malformed)
            when (malformed is NullReferenceException or InvalidOperationException or ArgumentException or FormatException)
        {
            throw new PackageException(PackageDescriptor.FileName, "needs resources, each once, with name, bytes and hash");
        }
    }

    private void MakeRoom(PackageTable table) =>
        Run(
            $"CREATE TABLE {table.Staged} (\"row\" INTEGER PRIMARY KEY, fate TEXT, "
                + $"{string.Join(", ", table.Fields.Select(f => $"\"{f.Column}\""))})"
        );

    private void Stage(PackageTable table, (long Bytes, string Hash) told)
    {
        if (told.Hash is null)
            throw new PackageException(PackageDescriptor.FileName, $"does not name {table.Name}");
        var entry = zip.GetEntry(table.Path) ?? throw new PackageException(table.Path, "is missing");
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        using var counted = Open(entry, hash);
        try
        {
            using var text = new StreamReader(counted);
            using var csv = CsvDataReader.Create(
                text,
                new CsvDataReaderOptions
                {
                    Delimiter = ',',
                    HasHeaders = true,
                    BufferSize = 0x10000,
                    MaxBufferSize = MostCellBytes,
                }
            );
            Rows(table, csv);
        }
        catch (CsvRecordTooLargeException)
        {
            throw new PackageException(table.Path, "holds a row larger than 16 MB");
        }
        catch (CsvFormatException malformed)
        {
            throw new PackageException(
                table.Path,
                Text.Of($"row {malformed.RowNumber} is not well-formed CSV; look for an open quotation mark")
            );
        }
        if (counted.Bytes != told.Bytes || "sha256:" + Convert.ToHexStringLower(hash.GetHashAndReset()) != told.Hash)
            throw new PackageException(table.Path, "is not what datapackage.json says of it (bytes, hash): it was changed or damaged");
    }

    private void Rows(PackageTable table, CsvDataReader csv)
    {
        var named = Enumerable.Range(0, csv.FieldCount).Select(csv.GetName).ToList();
        if (table.Fields.FirstOrDefault(f => !named.Contains(f.Name)) is { } missing)
            throw new PackageException(table.Path, $"the column {missing.Name} is missing");
        if (named.FirstOrDefault(n => table.Fields.All(f => f.Name != n)) is { } unknown)
            throw new PackageException(table.Path, $"has a column '{unknown}', which this Gassel does not know");
        if (named.Count != table.Fields.Count)
            throw new PackageException(table.Path, "names a column twice");
        var at = table.Fields.Select(f => named.IndexOf(f.Name)).ToArray();
        using var insert = connection.CreateCommand();
        insert.CommandText =
            $"INSERT INTO {table.Staged} (\"row\", {string.Join(", ", table.Fields.Select(f => $"\"{f.Column}\""))}) "
            + $"VALUES ($row, {string.Join(", ", table.Fields.Select((_, i) => $"$v{i}"))})";
        var row = insert.Parameters.Add("$row", SqliteType.Integer);
        var cells = table.Fields.Select((_, i) => insert.Parameters.Add(new() { ParameterName = $"$v{i}" })).ToArray();
        while (csv.Read())
        {
            cancel.ThrowIfCancellationRequested();
            for (var i = 0; i < cells.Length; i++)
            {
                var text = at[i] < csv.RowFieldCount ? csv.GetString(at[i]) : "";
                var (value, fault) = PackageCells.Read(table.Fields[i], text);
                if (fault is not null)
                    throw new PackageException($"{table.Path}, row {csv.RowNumber}, {table.Fields[i].Name}", fault);
                cells[i].Value = value;
            }
            row.Value = csv.RowNumber;
            insert.ExecuteNonQuery();
        }
    }

    /// <summary>What a zip says of its sizes may be wrong; what comes out of it is counted.</summary>
    private CountedStream Open(ZipArchiveEntry entry, IncrementalHash hash) => new(entry.Open(), hash, read =>
        {
            if ((_left -= read) < 0)
                throw new PackageException(entry.FullName, "unpacks to far more than a book does; it is not read");
        });

    private void Run(string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }
}
