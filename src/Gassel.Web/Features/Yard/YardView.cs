using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <param name="First">A tenth; so with half and nine tenths. Null where it lies beyond what can be said.</param>
public sealed record EmergenceWindow(DateOnly? First, DateOnly? Half, DateOnly? Most);

/// <summary>A container of the yard as it stands now.</summary>
/// <param name="Label">As written on it.</param>
/// <param name="Kind">In words.</param>
/// <param name="Described">False where its kind was never said and is assumed.</param>
/// <param name="AirC">Inside now; null where nothing is known, so with the mix.</param>
/// <param name="Cold">Days of cold by weight so far, of at least <paramref name="ColdNeed"/>.</param>
/// <param name="ColdUsual">What is usual; null where that is what is needed.</param>
/// <param name="ColdMetOn">Day with enough; null where it does not come.</param>
/// <param name="FirstUpOn">First seedling as counted; null before it.</param>
/// <param name="Withheld">Why nothing is said of its inside; null where it is.</param>
/// <param name="Warnings">The most pressing first.</param>
public sealed record ContainerBrief(
    Guid BatchId, int Number, string Part, string Label, string CommonName, HazardLevel Hazard, ContainerSetup Setup, string Kind, bool Described, string PlaceId,
    DateOnly SetOutOn, int Seeds, int Emerged, int Standing, CapPosition Cap, Shelter Shelter, ContainerStanding State, double? AirC, double? MediumC,
    double? Cold, double? ColdNeed, double? ColdUsual, DateOnly? ColdMetOn, EmergenceWindow? Emergence, DateOnly? FirstUpOn, string? Withheld, IReadOnlyList<YardWarning> Warnings);

/// <summary>A spot of the yard with what stands there.</summary>
public sealed record YardSpot(Place Place, IReadOnlyList<ContainerBrief> Containers);

/// <summary>One container under a warning.</summary>
public sealed record AlertedContainer(Guid BatchId, int Number, string Part, string Label, string CommonName, int Standing, YardWarning Warning);

/// <param name="Title">What to do, in a few words.</param>
public sealed record AlertAction(Tending What, string Words);

/// <summary>A warning with every container that it touches.</summary>
/// <param name="Title">What is the matter and what to do.</param>
/// <param name="Actions">One tap for all of them; empty where nothing can be done at once.</param>
public sealed record YardAlert(YardWarningKind Kind, string Title, DateTimeOffset? From, DateTimeOffset? To, double? WorstC, IReadOnlyList<AlertedContainer> Containers, IReadOnlyList<AlertAction> Actions);

/// <summary>A batch whose container is still to be made ready and set out.</summary>
/// <param name="Step">Index of the step that sets it out.</param>
/// <param name="DueOn">As planned.</param>
/// <param name="Setup">As far as it was made ready; null before.</param>
/// <param name="Done">Steps checked off so far.</param>
/// <param name="Containers">Over which its plan spreads the seed.</param>
/// <param name="Place">Id of the place that its plan names; null where it names none.</param>
/// <param name="TrialId">The trial that it is set out by; null outside one.</param>
public sealed record ToSetOut(
    Guid BatchId, int Number, string CommonName, HazardLevel Hazard, string Part, int Seeds, int Step, DateOnly DueOn, ContainerSetup? Setup, IReadOnlyList<PreparationStep> Done, IReadOnlyList<Caution> Cautions,
    int Containers, string? Place, Guid? TrialId);

/// <param name="Outlook">From a week ago to the end of the outlook.</param>
/// <param name="Service">Name of the weather service; null for none.</param>
/// <param name="Working">What the weather rests on.</param>
public sealed record YardView(
    DateTimeOffset Now, DateOnly Today, IReadOnlyList<YardSpot> Spots, IReadOnlyList<YardAlert> Alerts, IReadOnlyList<YardDay> Outlook, string? Service,
    IReadOnlyList<ToSetOut> ToSetOut, IReadOnlyList<string> Working);

/// <summary>An hour outdoors and inside.</summary>
public sealed record InsideHour(DateTimeOffset At, double OutdoorC, double AirC, double MediumC);

/// <summary>A container closely.</summary>
/// <param name="Days">From the set-out to the end of the outlook, and typical days until nearly all is up.</param>
/// <param name="Hours">From three days ago to the end of the outlook.</param>
/// <param name="Counts">As recorded.</param>
/// <param name="Preparation">Steps with whether they were checked off.</param>
/// <param name="FrozenHours">So far.</param>
public sealed record ContainerDetail(
    ContainerBrief Brief, IReadOnlyList<TaleDay> Days, IReadOnlyList<InsideHour> Hours, IReadOnlyList<CountRecord> Counts, double? KillC, double CeilingC, double FrozenHours, ThermalNeedView? Thermal,
    IReadOnlyList<PreparationLine> Preparation, IReadOnlyList<string> Doubts, ContainerParameters Parameters, IReadOnlyList<TendedLine> Tended, IReadOnlyList<string> Working);

/// <param name="SumDegreeDays">Gathered up to today.</param>
public sealed record ThermalNeedView(double T10, double T50, double T90, double SumDegreeDays);

public sealed record PreparationLine(PreparationStep Step, string Words, bool Done);

public sealed record TendedLine(DateOnly On, DateTimeOffset? At, string Words);
