using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Yard;

/// <summary>A batch whose container is still to be made ready and set out.</summary>
/// <param name="Step">Index of the step that sets it out.</param>
/// <param name="DueOn">As planned.</param>
/// <param name="Setup">As far as it was made ready; null before.</param>
/// <param name="Done">Steps checked off so far.</param>
/// <param name="Containers">Over which its plan spreads the seed.</param>
/// <param name="Place">Id of the place that its plan names; null where it names none.</param>
/// <param name="TrialId">The trial that it is set out by; null outside one.</param>
public sealed record ToSetOut(
    Guid BatchId,
    int Number,
    string CommonName,
    HazardLevel Hazard,
    string Part,
    int Seeds,
    int Step,
    DateOnly DueOn,
    ContainerSetup? Setup,
    IReadOnlyList<PreparationStep> Done,
    IReadOnlyList<Caution> Cautions,
    int Containers,
    string? Place,
    Guid? TrialId
);
