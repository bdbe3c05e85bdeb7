using Gassel.Core.Record;

namespace Gassel.Data.Photos;

/// <summary>
/// Pictures beside the book, each under its name for ever: what is there is never changed, so copies of the book share it.
/// </summary>
public sealed class PhotoFolder(BookFile file)
{
    /// <summary>Largest picture, bytes.</summary>
    public const int MostBytes = 10_000_000;

    public string Folder { get; } = Path.Combine(file.Folder, BookFile.PhotosName);

    /// <summary>Null where it is not there, or the name is none.</summary>
    public string? Find(string name) => PhotoName.IsValid(name) && File.Exists(PathOf(name)) ? PathOf(name) : null;

    /// <summary>All that are there, by name.</summary>
    public IEnumerable<string> All() =>
        Directory.Exists(Folder)
            ? Directory
                .GetFiles(Folder, "*", SearchOption.AllDirectories)
                .Select(Path.GetFileName)
                .OfType<string>()
                .Where(PhotoName.IsValid)
                .Order(StringComparer.Ordinal)
            : [];

    /// <summary>Keeps the picture; it is on the disk when this returns. There already, nothing happens.</summary>
    /// <exception cref="IOException">The disk does not take it.</exception>
    public void Keep(string name, ReadOnlySpan<byte> picture)
    {
        var path = PathOf(name);
        if (File.Exists(path))
            return;
        Directory.CreateDirectory(Path.GetDirectoryName(path)!);
        var arriving = Path.Combine(Folder, Guid.NewGuid().ToString("N") + BookFile.Arriving);
        using (var stream = new FileStream(arriving, FileMode.CreateNew))
        {
            stream.Write(picture);
            stream.Flush(flushToDisk: true);
        }
        File.Move(arriving, path, overwrite: true);
    }

    /// <summary>Copies to another folder what it has not yet.</summary>
    /// <returns>How many photos it has then.</returns>
    public int CopyTo(string other)
    {
        var all = All().ToList();
        foreach (var name in all.Where(n => !File.Exists(Path.Combine(other, n))))
        {
            Directory.CreateDirectory(other);
            File.Copy(PathOf(name), Path.Combine(other, name));
        }
        return all.Count;
    }

    /// <summary>Puts what another folder has and this one has not beside the book.</summary>
    /// <returns>How many.</returns>
    public int TakeFrom(string other)
    {
        if (!Directory.Exists(other))
            return 0;
        var missing = Directory
            .GetFiles(other, "*", SearchOption.AllDirectories)
            .Where(p => PhotoName.IsValid(Path.GetFileName(p)) && Find(Path.GetFileName(p)) is null)
            .ToList();
        foreach (var path in missing)
        {
            var bytes = File.ReadAllBytes(path);
            // one that was damaged is not taken for what its name says
            if (PhotoName.Of(bytes) == Path.GetFileName(path))
                Keep(Path.GetFileName(path), bytes);
        }
        return missing.Count;
    }

    /// <summary>A few hundred to a folder, however many there are.</summary>
    private string PathOf(string name) => Path.Combine(Folder, name[..2], name);
}
