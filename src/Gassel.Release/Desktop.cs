using System.ComponentModel;
using System.Diagnostics;

namespace Gassel.Release;

/// <summary>The desktop that the program was started from.</summary>
internal static class Desktop
{
    /// <summary>The option that leaves the browser alone.</summary>
    public const string Not = "--no-browser";

    /// <summary>Opens the address in the usual browser; without a desktop, or where none answers, nothing happens.</summary>
    public static void Open(string address)
    {
        try
        {
            if (OperatingSystem.IsWindows())
                Process.Start(new ProcessStartInfo(address) { UseShellExecute = true });
            else if (OperatingSystem.IsMacOS())
                Process.Start("open", [address]);
            else if (HasScreen())
                Process.Start(new ProcessStartInfo("xdg-open", [address]) { RedirectStandardError = true });
        }
        catch (Win32Exception)
        {
            // the address stands on the console
        }
    }

    private static bool HasScreen() =>
        Environment.GetEnvironmentVariable("DISPLAY") is { Length: > 0 }
        || Environment.GetEnvironmentVariable("WAYLAND_DISPLAY") is { Length: > 0 };
}
