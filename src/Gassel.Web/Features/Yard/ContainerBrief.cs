using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>A container of the yard as it stands now.</summary>
/// <param name="Label">As written on it.</param>
/// <param name="Kind">In words.</param>
/// <param name="Described">False where its kind was never said and is assumed.</param>
/// <param name="AirC">Inside now; null where nothing is known, so with the mix.</param>
/// <param name="AirBand">Between which ends the air lies by the model, nine times in ten; so with the mix.</param>
/// <param name="Cold">Days of cold by weight so far, of at least <paramref name="ColdNeed"/>.</param>
/// <param name="ColdUsual">What is usual; null where that is what is needed.</param>
/// <param name="ColdMetOn">Day with enough; null where it does not come.</param>
/// <param name="FirstUpOn">First seedling as counted; null before it.</param>
/// <param name="Withheld">Why nothing is said of its inside; null where it is.</param>
/// <param name="Warnings">The most pressing first.</param>
public sealed record ContainerBrief(
    Guid BatchId,
    int Number,
    string Part,
    string Label,
    string CommonName,
    HazardLevel Hazard,
    ContainerSetup Setup,
    string Kind,
    bool Described,
    string PlaceId,
    DateOnly SetOutOn,
    int Seeds,
    int Emerged,
    int Standing,
    CapPosition Cap,
    Shelter Shelter,
    ContainerStanding State,
    double? AirC,
    double? MediumC,
    TemperatureBand? AirBand,
    TemperatureBand? MediumBand,
    double? Cold,
    double? ColdNeed,
    double? ColdUsual,
    DateOnly? ColdMetOn,
    EmergenceWindow? Emergence,
    DateOnly? FirstUpOn,
    string? Withheld,
    bool IsWatched,
    IReadOnlyList<YardWarning> Warnings
);
