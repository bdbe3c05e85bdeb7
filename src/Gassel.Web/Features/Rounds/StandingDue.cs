using Gassel.Core.Due;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Rounds;

/// <param name="Due">What is asked for.</param>
/// <param name="StepKind">Kind of the step it concerns.</param>
/// <param name="Note">How the step is done.</param>
/// <param name="Cautions">To be read where the hand is about to do it; none for what is only looked at.</param>
/// <param name="ToPlace">Id of the place where the step is usually done; null where it stays.</param>
/// <param name="Optional">The step may be left out.</param>
/// <param name="SetsOut">A winter container is made ready and set out with it.</param>
public sealed record StandingDue(
    DueItem Due,
    StepKind StepKind,
    string? Note,
    IReadOnlyList<Caution> Cautions,
    string? ToPlace,
    bool SetsOut = false,
    bool Optional = false
);
