using Gassel.Core.Growing;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Species;

/// <param name="Explained">The dormancy class in a sentence.</param>
/// <param name="DepthExplained">The depth of dormancy in a sentence; null without one.</param>
/// <param name="FlagsExplained">Each flag in a sentence, in their order.</param>
/// <param name="Depth">How deep to sow, by the species or by the site's school.</param>
/// <param name="Routes">What follows from each route, in the order of the species' routes.</param>
/// <param name="Forbidden">Steps that a route of it may not hold.</param>
/// <param name="HasOwnValues">The grower changed starter values, or added the species.</param>
/// <param name="HasStarter">There are starter values to go back to.</param>
public sealed record SpeciesView(
    Core.Treatments.Species Species,
    string Explained,
    string? DepthExplained,
    IReadOnlyList<string> FlagsExplained,
    DepthAdvice Depth,
    IReadOnlyList<RouteFacts> Routes,
    IReadOnlyList<ForbiddenStep> Forbidden,
    bool HasOwnValues,
    bool HasStarter
)
{
    /// <summary>Values that nobody entered; what stands there is only reckoned with.</summary>
    public IReadOnlyList<SpeciesValue> NotEntered => [.. Enum.GetValues<SpeciesValue>().Where(v => !Species.IsEntered(v))];

    /// <summary>How its seedlings grow on, in sentences.</summary>
    public IReadOnlyList<string> GrowsOn => GrowingWords.Of(Species);

    /// <summary>How it lives where it is planted, in sentences; empty where nobody entered it.</summary>
    public IReadOnlyList<string> Lives => Species.Planted is { } planted ? PlantedWords.Of(planted) : [];

    /// <summary>To be sent along with a change of the values.</summary>
    public string Stamp => Problems.Stamp.Of(Species);

    internal static SpeciesView Of(
        Core.Treatments.Species species,
        bool hasOwnValues,
        bool hasStarter,
        DepthSchool school,
        DateOnly today
    ) =>
        new(
            species,
            species.DormancyClass.Sentence(null),
            species.Depth?.Sentence(),
            [.. species.Flags.Select(f => f.Sentence())],
            SowingDepth.For(species, school),
            [.. species.Routes.Select(r => RouteFacts.Of(species, r, today))],
            [.. ForbiddenStep.For(species)],
            hasOwnValues,
            hasStarter
        );
}
