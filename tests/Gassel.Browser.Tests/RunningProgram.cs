using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net.Http.Json;
using System.Security.Cryptography;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Gassel.Browser.Tests;

/// <summary>
/// The program on a fresh data folder: as a process of its own where its console, the network, a lasting folder or its sudden end matters,
/// otherwise beside the tests.
/// </summary>
public sealed partial class RunningProgram : IDisposable
{
    private readonly Process? _process;
    private readonly ProgramBeside? _beside;
    private readonly string _folder;
    private readonly bool _keepFolder;
    private bool _gone;

    /// <summary>Made-up weather and thermometers for the demos of all tests; it ends with the run, which holds its input.</summary>
    private static readonly Lazy<string> Devices = new(() =>
    {
        var process = Process.Start(
            new ProcessStartInfo("dotnet", [Path.Combine(Build, "Gassel.Devices.dll"), "--port", "0", "--until-stdin-ends"])
            {
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        var said = process.StandardOutput.ReadLine() ?? throw new InvalidOperationException("the made-up devices did not start");
        // let go of, its input would end, and it with it
        _devices = process;
        return said.Split(' ')[^1];
    });

    private static Process? _devices;

    /// <summary>A demo book and an empty one, each begun once; every test begins with a copy.</summary>
    private static readonly Lazy<string> DemoBook = new(() => Begun(demo: true)),
        EmptyBook = new(() => Begun(demo: false));

    private static string Begun(bool demo)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-begun-").FullName;
        using var filling = new ProgramBeside(new(0, folder, demo, Devices: demo ? new Uri(Devices.Value) : null));
        return folder;
    }

    /// <param name="folder">A data folder that outlives the program; null for a fresh one that goes with it.</param>
    /// <param name="lan">True to open it to the network.</param>
    /// <param name="talkative">True to have it log all it can.</param>
    /// <param name="devices">False for a demo whose weather service and thermometers are off.</param>
    /// <param name="like">A program that ran before; its addresses are taken again.</param>
    public RunningProgram(
        bool demo,
        string? folder = null,
        bool lan = false,
        RunningProgram? like = null,
        bool talkative = false,
        bool devices = true
    )
    {
        (_folder, _keepFolder) = (folder ?? Directory.CreateTempSubdirectory("gassel-browser-").FullName, folder is not null);
        if ((devices || !demo) && !File.Exists(Path.Combine(_folder, "gassel.db")))
        {
            foreach (var file in Directory.GetFiles((demo ? DemoBook : EmptyBook).Value, "gassel.db*"))
                File.Copy(file, Path.Combine(_folder, Path.GetFileName(file)));
        }
        if (folder is null && !lan && !talkative)
        {
            _beside = new ProgramBeside(new(0, _folder, demo, Devices: demo && devices ? new Uri(Devices.Value) : null));
            Address = _beside.Address;
            Http = new HttpClient { BaseAddress = Address };
            return;
        }
        _process = Process.Start(Command(demo, lan, like, talkative, devices))!;
        Address = new Uri(Next(ReadyLine()).Groups["address"].Value);
        Http = new HttpClient { BaseAddress = Address };
        if (lan)
            Network = new Uri(Next(NetworkLine()).Groups["address"].Value);
        if (lan && like is null)
            OwnerCode = Next(CodeLine()).Groups["code"].Value;
        _ = Task.Run(() =>
        {
            while (_process.StandardOutput.ReadLine() is { } line)
                Said.Enqueue(line);
        });
    }

    private ProcessStartInfo Command(bool demo, bool lan, RunningProgram? like, bool talkative, bool devices)
    {
        var arguments = new List<string>
        {
            Path.Combine(Build, "Gassel.Web.dll"),
            "--port",
            $"{like?.Address.Port ?? 0}",
            "--network-port",
            $"{like?.Network?.Port ?? 0}",
            "--data",
            _folder,
        };
        if (demo)
            arguments.AddRange(devices ? ["--demo", "--devices", Devices.Value] : ["--demo"]);
        if (lan)
            arguments.Add("--lan");
        var start = new ProcessStartInfo("dotnet", arguments) { RedirectStandardOutput = true };
        // it lives for seconds: compiling what is called often a second time is half of its work and never pays
        start.Environment["DOTNET_TC_CallCounting"] = "0";
        if (talkative)
            start.Environment["Logging__LogLevel__Default"] = "Trace";
        return start;
    }

    /// <summary>What the program says when it is run with these words from the console.</summary>
    public static string Console(params string[] words)
    {
        using var process = Process.Start(
            new ProcessStartInfo("dotnet", [Path.Combine(Build, "Gassel.Web.dll"), .. words])
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var said = process.StandardOutput.ReadToEnd() + process.StandardError.ReadToEnd();
        process.WaitForExit();
        return said;
    }

    public static string Build =>
        Environment.GetEnvironmentVariable("GASSEL_BUILD")
        ?? throw new InvalidOperationException("GASSEL_BUILD must name the folder of the built program; './gassel test' sets it.");

    /// <summary>Where the made-up devices are asked, as a service outside would be.</summary>
    public static string StandIns => Devices.Value;

    public Uri Address { get; }

    /// <summary>Where a device on the network asks; null while it is not open to it.</summary>
    public Uri? Network { get; }

    /// <summary>What the console says for the first owner; null where there is one.</summary>
    public string? OwnerCode { get; }

    /// <summary>
    /// For Chromium: the hash of the key of the program's certificate, to be trusted without asking. That a client who knows the authority
    /// trusts it is seen in the web tests.
    /// </summary>
    public string ServerKey
    {
        get
        {
            using var key = ECDsa.Create();
            key.ImportFromPem(File.ReadAllText(Path.Combine(_folder, "network", "server.key")));
            return Convert.ToBase64String(SHA256.HashData(key.ExportSubjectPublicKeyInfo()));
        }
    }

    public HttpClient Http { get; }

    /// <summary>What it has written to the console so far.</summary>
    public ConcurrentQueue<string> Said { get; } = new();

    /// <summary>Signs in at this machine's own door, so that the test can look into the book and write to it.</summary>
    public async Task SignIn(string path, string json)
    {
        using var content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var answer = await Http.PostAsync(path, content);
        var session = await answer.Content.ReadFromJsonAsync<JsonNode>();
        if (!answer.IsSuccessStatusCode)
            throw new InvalidOperationException(session?.ToJsonString());
        Http.DefaultRequestHeaders.Remove("X-Gassel-Token");
        Http.DefaultRequestHeaders.Add("X-Gassel-Token", session!["token"]!.GetValue<string>());
    }

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    public Task Send(string path, string json) => Send(HttpMethod.Post, path, json);

    public async Task Send(HttpMethod method, string path, string json)
    {
        using var content = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        using var request = new HttpRequestMessage(method, path) { Content = content };
        using var answer = await Http.SendAsync(request);
        if (!answer.IsSuccessStatusCode)
            throw new InvalidOperationException($"{path}: {await answer.Content.ReadAsStringAsync()}");
    }

    /// <summary>Three hundred seeds of a species, gathered in the summer of 2025.</summary>
    public Task Lot(string speciesId) =>
        Send(
            "/api/lots",
            $$$"""
            {"speciesId":"{{{speciesId}}}","lot":{"gatheredAt":"meadow","gatheredOn":"2025-07-01","counted":300,"assumedFraction":0.6}}
            """
        );

    /// <summary>Ends the program; a process as a power cut would: SIGKILL, with whatever it was about to write.</summary>
    public void Dispose()
    {
        if (_gone)
            return;
        _gone = true;
        Http.Dispose();
        _beside?.Dispose();
        _process?.Kill();
        _process?.WaitForExit();
        _process?.Dispose();
        if (!_keepFolder)
            Directory.Delete(_folder, recursive: true);
    }

    /// <summary>The next line of the console that matches, past what is logged.</summary>
    private Match Next(Regex line)
    {
        while (_process!.StandardOutput.ReadLine() is { } said)
        {
            Said.Enqueue(said);
            if (line.Match(said) is { Success: true } match)
                return match;
        }
        throw new InvalidOperationException("the program ended before it was ready: " + string.Join('\n', Said));
    }

    [GeneratedRegex("local network: (?<address>https://\\S+)")]
    private static partial Regex NetworkLine();

    [GeneratedRegex("for the owner: (?<code>\\S+)")]
    private static partial Regex CodeLine();

    [GeneratedRegex("ready at (?<address>http://\\S+)")]
    private static partial Regex ReadyLine();
}
