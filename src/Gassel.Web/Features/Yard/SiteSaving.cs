using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Yard;

/// <summary>Adds to the settings of the site what was fitted there.</summary>
internal sealed class SiteSaving(Func<GasselDb> connect, WriteGate gate, SiteClock clock)
{
    /// <summary>The newest fit of a kind replaces an older one of the same kind.</summary>
    public Task AddCalibration(KindCalibration calibration, CancellationToken cancel) => gate.Write(async () =>
    {
        await using var db = connect();
        var row = await db.Sites.SingleAsync(CancellationToken.None);
        var settings = row.Settings is { } json ? CoreJson.Read<SiteSettings>(json) : new();
        row.Settings = CoreJson.Write(settings with { Calibrations = [.. (settings.Calibrations ?? []).Where(c => c.Kind != calibration.Kind), calibration] });
        await db.SaveChangesAsync(CancellationToken.None);
        await clock.Follow(db);
        return true;
    }, cancel);
}
