using System.Globalization;
using Gassel.Web.Door;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Authentication;

namespace Gassel.Web.Features.People;

/// <summary>
/// Sessions that were signed out of. A cookie is good by itself, so one that was copied before would go on; here it is known that it ended.
/// Kept in the data folder until the cookie would have run out, a line each: the session and until when, Unix milliseconds.
/// </summary>
internal sealed class EndedSessions(Launch launch, TimeProvider real)
{
    private const string Item = "gassel.session";

    private readonly Lock _turn = new();
    private Dictionary<string, long>? _until;

    private string FilePath => Path.Combine(PrivateFiles.NetworkFolder(launch.DataFolder).FullName, "signed-out");

    /// <summary>Names a session that begins.</summary>
    public static void Name(AuthenticationProperties session) => session.Items[Item] = Guid.NewGuid().ToString("N");

    /// <summary>True where it was signed out of; false for one that has no name, which was begun under an older Gassel.</summary>
    public bool Has(AuthenticationProperties session)
    {
        if (session.Items.TryGetValue(Item, out var name) && name is not null)
            lock (_turn)
                return Read().ContainsKey(name);
        return false;
    }

    public void Add(AuthenticationProperties session)
    {
        if (!session.Items.TryGetValue(Item, out var name) || name is null)
            return;
        lock (_turn)
        {
            var now = real.GetUtcNow();
            var ended = Read();
            foreach (var over in ended.Where(e => e.Value < now.ToUnixTimeMilliseconds()).Select(e => e.Key).ToList())
                ended.Remove(over);
            ended[name] = (now + SignIn.SessionLifetime).ToUnixTimeMilliseconds();
            var arriving = FilePath + Data.BookFile.Arriving;
            PrivateFiles.Write(
                arriving,
                string.Concat(ended.Select(e => string.Create(CultureInfo.InvariantCulture, $"{e.Key} {e.Value}\n")))
            );
            File.Move(arriving, FilePath, overwrite: true);
        }
    }

    private Dictionary<string, long> Read() =>
        _until ??= File.Exists(FilePath)
            ? File.ReadLines(FilePath)
                .Select(line => line.Split(' '))
                .Where(parts => parts.Length == 2 && long.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out _))
                .ToDictionary(parts => parts[0], parts => long.Parse(parts[1], CultureInfo.InvariantCulture))
            : [];
}
