using Gassel.Web.Door;
using Gassel.Web.Features.People;

namespace Gassel.Web.Hosting;

/// <summary>What the console is told beside the address.</summary>
internal static class ConsoleWords
{
    public static IEnumerable<string> OfTheDoor(IServiceProvider services)
    {
        var (door, owner) = (services.GetRequiredService<NetworkDoor>(), services.GetRequiredService<OwnerCode>());
        if (!door.IsOpen)
            yield break;
        yield return $"On the local network: {string.Join("  ", door.Addresses)}";
        if (owner.Code is { } code)
            yield return $"One-time code for the owner: {code}";
    }
}
