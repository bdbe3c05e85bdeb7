namespace Gassel.Web.Features.Seed;

/// <param name="Seeds">When it was entered.</param>
/// <param name="SeedsLeft">Less what tests and batches took, or were planned to take.</param>
/// <param name="Outlooks">Under each route of the species.</param>
public sealed record LotView(int Id, LotDetails Details, int Seeds, int SeedsLeft, double AgeYears, IReadOnlyList<LotOutlook> Outlooks)
{
    /// <summary>To be sent along with a change.</summary>
    public string Stamp => Problems.Stamp.Of(Details);
}
