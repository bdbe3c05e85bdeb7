using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Batches;

/// <param name="Ribbon">What was, is and follows.</param>
/// <param name="Result">Counts since its own sowing; null before sowing.</param>
/// <param name="Roots">Roots since its sowing, for kinds that root one season and shoot the next; null for others.</param>
/// <param name="Outlook">What follows from what happened; null for a part that is divided or done.</param>
/// <param name="Looks">Days on which it is looked at, still to come; empty outside a moist step.</param>
/// <param name="Window">Days from its sowing in which it is expected to come up; null before sowing.</param>
/// <param name="Cold">The cold it has had in the step it is in; null outside a cold step.</param>
/// <param name="Warmth">How warm it is against the band of the species, where it is to come up and the place was measured; null
/// elsewhere.</param>
/// <param name="Vernalization">Cold towards flowering; null for a part whose route has none, or that has not come to it.</param>
/// <param name="Clock">Where true leaves are looked for or seedlings crowd; null without seedlings, and for kinds that make one
/// leaf.</param>
/// <param name="Hardening">Day by day; null outside that step.</param>
/// <param name="NextPart">What a part that is moved away from it is called.</param>
/// <param name="SecondCold">What a second cold would be; null where none can be given.</param>
/// <param name="ColdWorth">How much comes up after the cold it has had by weight, by own batches; null where they do not tell it.</param>
/// <param name="Troubles">What happened to the place while it stood there, since the present step began; those that last at the
/// end.</param>
public sealed record PartView(
    PartState State,
    IReadOnlyList<RibbonStretch> Ribbon,
    GerminationResult? Result,
    GerminationResult? Roots,
    PartOutlook? Outlook,
    ColdSoFar? Cold,
    GerminationWarmth? Warmth,
    Vernalization? Vernalization,
    SeedlingClock? Clock,
    HardeningPlan? Hardening,
    IReadOnlyList<PlaceTrouble> Troubles,
    DurationRange? Window,
    IReadOnlyList<DateOnly> Looks,
    string NextPart,
    SecondColdOffer? SecondCold,
    string? ColdWorth
)
{
    /// <summary>The same crowd in words; null with the clock.</summary>
    public string? CrowdWords => Clock?.Crowding.Words;
}
