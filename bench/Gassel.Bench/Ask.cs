using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Bench;

/// <summary>Requests as the interface makes them; anything but success ends the run.</summary>
internal static class Ask
{
    public static async Task<JsonNode> Send(HttpClient http, HttpMethod method, string path, string? json)
    {
        using var request = new HttpRequestMessage(method, path)
        {
            Content = json is null ? null : new StringContent(json, Encoding.UTF8, "application/json"),
        };
        using var response = await http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return response.IsSuccessStatusCode
            ? JsonNode.Parse(text)!
            : throw new InvalidOperationException($"{path}: {(int)response.StatusCode} {text}");
    }
}
