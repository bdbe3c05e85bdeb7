namespace Gassel.Web.Door;

/// <summary>Files and folders that nobody on this machine but the one who runs Gassel can read.</summary>
internal static class PrivateFiles
{
    private const UnixFileMode Owners = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    /// <summary>What the door to the network needs, within the data folder; made where it is missing.</summary>
    public static DirectoryInfo NetworkFolder(string dataFolder, params string[] below)
    {
        // the outer one shuts all within
        Make(Path.Combine(dataFolder, "network"));
        return Make(Path.Combine([dataFolder, "network", .. below]));
    }

    public static void Write(string path, string text)
    {
        var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
            options.UnixCreateMode = Owners;
        using var file = new StreamWriter(path, options);
        file.Write(text);
    }

    private static DirectoryInfo Make(string path) =>
        OperatingSystem.IsWindows() ? Directory.CreateDirectory(path) : Directory.CreateDirectory(path, Owners | UnixFileMode.UserExecute);
}
