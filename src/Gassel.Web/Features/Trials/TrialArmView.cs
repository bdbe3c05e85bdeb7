using Gassel.Core.Record;
using Gassel.Core.Trials;
using Gassel.Web.Features.Yard;

namespace Gassel.Web.Features.Trials;

/// <summary>An arm with where its batch stands.</summary>
/// <param name="Number">Of the batch.</param>
/// <param name="Start">Planned start of its batch.</param>
/// <param name="ReadyToSow">Its treatment is over, or it needs none.</param>
/// <param name="Sowing">What sowing by the layout records; empty once it is sown.</param>
/// <param name="AtTable">What is done at the table before its containers go out; empty for an arm indoors.</param>
public sealed record TrialArmView(
    TrialArm Arm,
    int Number,
    string RouteName,
    DateOnly Start,
    DateOnly SowOn,
    bool IsSown,
    bool ReadyToSow,
    IReadOnlyList<EntryPayload> Sowing,
    IReadOnlyList<PreparationLine> AtTable
);
