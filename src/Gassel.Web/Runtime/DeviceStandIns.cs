using System.Text.Json.Nodes;

namespace Gassel.Web.Runtime;

/// <summary>The program beside a demo that plays its devices. It is told which to play; what they say comes in as from real ones.</summary>
internal sealed class DeviceStandIns(Launch launch) : IDisposable
{
    private readonly HttpClient _http = new() { BaseAddress = launch.Devices, Timeout = TimeSpan.FromMinutes(1) };

    /// <summary>False for a real book, and for a demo without the program beside.</summary>
    public bool ArePlayed => launch is { Demo: true, Devices: not null };

    public Uri? Address => launch.Devices;

    /// <summary>Where this program can be told readings; known once it listens.</summary>
    public string Book { get; set; } = "";

    /// <summary>Of the MQTT broker beside, once it was looked for; null without one.</summary>
    public int? BrokerPort { get; private set; }

    /// <returns>Its port; null where there is none, or the program beside does not answer.</returns>
    public async Task<int?> FindBroker(CancellationToken cancel)
    {
        try
        {
            return BrokerPort = (await _http.GetFromJsonAsync<JsonNode>("/", cancel))?["brokerPort"]?.GetValue<int>();
        }
        catch (HttpRequestException)
        {
            return null;
        }
    }

    /// <returns>Readings that came in meanwhile; null where the program beside does not answer.</returns>
    public async Task<int?> Tell<T>(string path, T what, CancellationToken cancel)
    {
        try
        {
            using var answer = await _http.PostAsJsonAsync(path, what, Data.CoreJson.Options, cancel);
            return answer.IsSuccessStatusCode ? await answer.Content.ReadFromJsonAsync<int>(cancel) : null;
        }
        catch (HttpRequestException)
        {
            return null;
        }
    }

    public void Dispose() => _http.Dispose();
}
