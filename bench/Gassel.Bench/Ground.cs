using System.Diagnostics;

namespace Gassel.Bench;

/// <summary>The bare EF Core program, published as Gassel is.</summary>
internal static class Ground
{
    public static async Task<string> Publish(string root)
    {
        var output = Path.Combine(root, "artifacts", "ground");
        using var publish = Process.Start(
            new ProcessStartInfo(
                "dotnet",
                [
                    "publish",
                    Path.Combine(root, "bench", "BareGround"),
                    "-c",
                    "Release",
                    "-p:PublishReadyToRun=true",
                    "--use-current-runtime",
                    "--self-contained",
                    "false",
                    "-o",
                    output,
                    "-v",
                    "quiet",
                    "-clp:ErrorsOnly",
                ]
            )
        )!;
        await publish.WaitForExitAsync();
        return publish.ExitCode == 0
            ? Path.Combine(output, "BareGround.dll")
            : throw new InvalidOperationException("the bare program could not be published");
    }
}
