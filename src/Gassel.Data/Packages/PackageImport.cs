using System.Globalization;
using System.IO.Compression;
using System.Text.Json.Nodes;
using Gassel.Data.Photos;
using Microsoft.Data.Sqlite;

namespace Gassel.Data.Packages;

/// <summary>A package that was read and judged beside the book, ready to be compared with it and taken in: all of it or nothing.</summary>
public sealed class PackageImport : IDisposable
{
    private readonly SqliteConnection _connection;
    private readonly JsonObject _descriptor;
    private readonly ZipArchive _zip;
    private readonly PhotoFolder _photos;

    private PackageImport(SqliteConnection connection, JsonObject descriptor, ZipArchive zip, PhotoFolder photos) =>
        (_connection, _descriptor, _zip, _photos) = (connection, descriptor, zip, photos);

    /// <param name="packed">The package; can be sought in, and stays open as long as this.</param>
    /// <exception cref="PackageException">It cannot be taken in.</exception>
    /// <exception cref="OperationCanceledException">It was called off.</exception>
    public static PackageImport Read(BookFile file, Stream packed, CancellationToken cancel = default)
    {
        // what is staged lives as long as its connection, which is not to go back to a pool with it
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder(file.ConnectionString) { Pooling = false }.ToString());
        try
        {
            connection.Open();
            using (var settings = connection.CreateCommand())
            {
                settings.CommandText = BookFile.ConnectionSettings;
                settings.ExecuteNonQuery();
            }
            var zip = new ZipArchive(packed, ZipArchiveMode.Read, leaveOpen: true);
            // beside the book alone: nobody waits for it
            using var staging = connection.BeginTransaction(deferred: true);
            var descriptor = new PackageReader(connection, zip, packed.Length, cancel).Read();
            staging.Commit();
            return new(connection, descriptor, zip, new(file));
        }
        catch (InvalidDataException)
        {
            connection.Dispose();
            throw new PackageException("the file", "is no zip, or a damaged one; choose a package as Gassel wrote it");
        }
        catch
        {
            connection.Dispose();
            throw;
        }
    }

    /// <summary>What it would bring; the book stays as it is.</summary>
    /// <exception cref="PackageException">It cannot be taken in.</exception>
    public PackageReport Look() => Take(save: false);

    /// <summary>Takes it in. Whoever calls this is the one who may write.</summary>
    /// <exception cref="PackageException">It cannot be taken in; the book is as it was.</exception>
    public PackageReport Save() => Take(save: true);

    private PackageReport Take(bool save)
    {
        using var transaction = _connection.BeginTransaction(deferred: !save);
        var intoEmpty = PackageMerge.IsEmpty(_connection);
        var merge = new PackageMerge(_connection, intoEmpty);
        var (counts, renumbered) = merge.Compare();
        var photos = Photos.Count(p => _photos.Find(p.Name) is null);
        if (save)
        {
            // a picture without its entry does no harm, an entry without its picture does
            foreach (var photo in Photos)
                _photos.Keep(photo.Name, PackageReader.Photo(photo));
            merge.Apply();
            transaction.Commit();
        }
        return new(
            _descriptor["title"]?.ToString() ?? "",
            DateTimeOffset.TryParse(_descriptor["created"]?.ToString(), CultureInfo.InvariantCulture, out var at) ? at : null,
            _descriptor["gassel"]?["madeUp"]?.ToString() == "true",
            intoEmpty,
            counts,
            renumbered,
            photos,
            save
        );
    }

    private IEnumerable<ZipArchiveEntry> Photos =>
        _zip.Entries.Where(e => e.FullName.StartsWith(PackageDescriptor.PhotoFolder, StringComparison.Ordinal));

    public void Dispose()
    {
        _zip.Dispose();
        _connection.Dispose();
    }
}
