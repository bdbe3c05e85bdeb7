using Gassel.Core.Seed;

namespace Gassel.Web.Features.Seed;

/// <param name="Seeds">When it was entered.</param>
/// <param name="SeedsLeft">Less what tests and batches took, or were planned to take.</param>
/// <param name="Outlooks">Under each route of the species.</param>
public sealed record LotView(int Id, LotDetails Details, int Seeds, int SeedsLeft, double AgeYears, IReadOnlyList<LotOutlook> Outlooks)
{
    /// <summary>How its place of origin differs from the site; null where one of the two has no position.</summary>
    public Provenance? Provenance { get; init; }

    /// <summary>To be sent along with a change.</summary>
    public string Stamp => Problems.Stamp.Of(Details);
}
