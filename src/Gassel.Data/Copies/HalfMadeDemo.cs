namespace Gassel.Data;

/// <summary>
/// A demo is filled over many commits. While that goes on a file beside the book says so; where it is found at a start, the program was
/// killed meanwhile, and what lies there is made up and half of it missing: it is made anew.
/// </summary>
internal sealed class HalfMadeDemo(BookFile file)
{
    private string Mark => Path.Combine(file.Folder, "demo-filling");

    public void Begin() => File.WriteAllText(Mark, "");

    public void Done() => File.Delete(Mark);

    /// <summary>Before the book is opened, with its lock in hand.</summary>
    public void Clear()
    {
        if (!File.Exists(Mark))
            return;
        foreach (var ending in new[] { "", "-wal", "-shm" })
            File.Delete(file.FilePath + ending);
        Done();
    }
}
