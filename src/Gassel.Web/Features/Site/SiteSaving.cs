using Gassel.Data;
using Gassel.Web.Runtime;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Site;

/// <summary>Changes one thing of the settings of the site and leaves the rest as it is.</summary>
internal sealed class SiteSaving(Func<GasselDb> connect, WriteGate gate, SiteClock clock)
{
    /// <exception cref="InvalidOperationException">No site is named yet.</exception>
    public Task Change(Func<SiteSettings, SiteSettings> change, CancellationToken cancel) =>
        gate.Write(
            async () =>
            {
                await using var db = connect();
                var row = await db.Sites.SingleAsync(CancellationToken.None);
                row.Settings = CoreJson.Write(change(row.Settings is { } json ? CoreJson.Read<SiteSettings>(json) : new()));
                await db.SaveChangesAsync(CancellationToken.None);
                await clock.Follow(db);
                return true;
            },
            cancel
        );
}
