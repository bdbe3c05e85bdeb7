using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Gassel.Browser.Tests;

/// <summary>The built program as a process of its own, on a fresh data folder.</summary>
public sealed partial class RunningProgram : IDisposable
{
    private readonly Process _process;
    private readonly string _folder;
    private readonly bool _keepFolder;

    /// <param name="folder">A data folder that outlives the program; null for a fresh one that goes with it.</param>
    public RunningProgram(bool demo, string? folder = null)
    {
        (_folder, _keepFolder) = (folder ?? Directory.CreateTempSubdirectory("gassel-browser-").FullName, folder is not null);
        var arguments = new List<string> { Path.Combine(Build, "Gassel.Web.dll"), "--port", "0", "--data", _folder };
        if (demo) arguments.Add("--demo");
        _process = Process.Start(new ProcessStartInfo("dotnet", arguments) { RedirectStandardOutput = true })!;
        var line = _process.StandardOutput.ReadLine() ?? throw new InvalidOperationException("the program ended before it was ready");
        Address = new Uri(ReadyLine().Match(line).Groups["address"].Value);
        Http = new HttpClient { BaseAddress = Address };
    }

    /// <summary>What the program says when it is run with these words from the console.</summary>
    public static string Console(params string[] words)
    {
        using var process = Process.Start(new ProcessStartInfo("dotnet", [Path.Combine(Build, "Gassel.Web.dll"), .. words]) { RedirectStandardOutput = true, RedirectStandardError = true })!;
        var said = process.StandardOutput.ReadToEnd() + process.StandardError.ReadToEnd();
        process.WaitForExit();
        return said;
    }

    private static string Build => Environment.GetEnvironmentVariable("GASSEL_BUILD")
        ?? throw new InvalidOperationException("GASSEL_BUILD must name the folder of the built program; './gassel test' sets it.");

    public Uri Address { get; }

    public HttpClient Http { get; }

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    public async Task Send(string path, string json)
    {
        using var content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var answer = await Http.PostAsync(path, content);
        if (!answer.IsSuccessStatusCode) throw new InvalidOperationException($"{path}: {await answer.Content.ReadAsStringAsync()}");
    }

    /// <summary>Ends the program as a power cut would: SIGKILL, with whatever it was about to write.</summary>
    public void Dispose()
    {
        Http.Dispose();
        _process.Kill();
        _process.WaitForExit();
        _process.Dispose();
        if (!_keepFolder) Directory.Delete(_folder, recursive: true);
    }

    [GeneratedRegex("ready at (?<address>http://\\S+)")]
    private static partial Regex ReadyLine();
}
