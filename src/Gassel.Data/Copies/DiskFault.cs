using Microsoft.Data.Sqlite;

namespace Gassel.Data;

/// <summary>
/// What is the matter with the disk or its rights, as a sentence that says what to do. Damage of the book is none of these: that is only
/// what SQLite calls corrupt or not a database. Codes: sqlite.org/rescode.html; errno of Linux, HRESULT of Windows.
/// </summary>
public static class DiskFault
{
    private const int Busy = 5,
        Locked = 6,
        ReadOnly = 8,
        InputOutput = 10,
        Full = 13,
        CannotOpen = 14,
        Permission = 3;

    private const int NoSpace = 28,
        ReadOnlyDisk = 30,
        WouldBlock = 11;
    private const int WindowsSharing = unchecked((int)0x80070020),
        WindowsFull = unchecked((int)0x80070070);

    /// <summary>Below this a disk is called full: SQLite needs some pages beside the book to write at all.</summary>
    private const long NothingLeft = 256 * 1024;

    /// <summary>Null where the fault lies in the file or the program, not in the disk.</summary>
    public static string? Of(SqliteException fault, string folder) =>
        fault.SqliteErrorCode switch
        {
            Full => IsFull(folder),
            InputOutput or CannotOpen when FreeBytes(folder) is < NothingLeft => IsFull(folder),
            Busy or Locked => $"Another program holds the book in {folder} locked. Close what has gassel.db open, for instance a "
                + $"copying program, then try again.",
            ReadOnly or Permission or CannotOpen => NotWritable(folder),
            InputOutput => $"The disk with {folder} did not read or write as it should ({fault.Message.TrimEnd('.')}). Look at "
                + $"the disk and its cable, copy the folder elsewhere, then start again.",
            _ => null,
        };

    public static string Of(IOException fault, string folder) =>
        fault.HResult switch
        {
            NoSpace or WindowsFull => IsFull(folder),
            ReadOnlyDisk => NotWritable(folder),
            _ when !Directory.Exists(folder) => $"The data folder {folder} cannot be made. Choose another with --data DIR.",
            _ => $"The disk with {folder} did not read or write as it should ({fault.Message.TrimEnd('.')}).",
        };

    /// <summary>True where the disk is full or cannot be written to.</summary>
    public static bool IsOfTheDisk(IOException fault) => fault.HResult is NoSpace or WindowsFull or ReadOnlyDisk;

    /// <summary>True where another program holds the file.</summary>
    public static bool IsTaken(IOException fault) => fault.HResult is WouldBlock or WindowsSharing;

    public static string NotWritable(string folder) =>
        $"The data folder {folder} is not writable. Give yourself the right to write there, or choose another with --data DIR.";

    private static string IsFull(string folder) =>
        $"The disk with {folder} is full. Make room, then try again. What was recorded before is safe.";

    private static long? FreeBytes(string folder)
    {
        try
        {
            return new DriveInfo(folder).AvailableFreeSpace;
        }
        catch (Exception unknown) when (unknown is IOException or ArgumentException or UnauthorizedAccessException)
        {
            return null;
        }
    }
}
