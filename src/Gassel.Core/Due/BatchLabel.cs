using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>What stands on the labels of one part: in its bag, tray or container, and on it.</summary>
/// <param name="Code">Short enough to be written in pencil: <c>B-22</c>, or <c>B-2.1.1</c> of a part.</param>
/// <param name="Lot">Number of the lot, with where and when it was gathered.</param>
/// <param name="Vessel">As it is called; null where it is in none yet.</param>
/// <param name="Step">The step it is in, or the first that is planned.</param>
/// <param name="In">Day on which the step began; null before the first.</param>
/// <param name="Due">What comes after it, and when.</param>
/// <param name="Hazard">One word; null for seed that harms nobody.</param>
/// <param name="Warnings">In full, most urgent first: hazard, the plant that it is not, and what a lost label means.</param>
/// <param name="Stale">True where the label printed last, if any, tells of an earlier step or another vessel.</param>
/// <param name="Printed">Day of the last print; null where there was none.</param>
public sealed record BatchLabel(
    string Code,
    string CommonName,
    string ScientificName,
    string Lot,
    string? Vessel,
    string Step,
    DateOnly? In,
    string Due,
    string? Hazard,
    IReadOnlyList<string> Warnings,
    bool Stale,
    DateOnly? Printed
)
{
    /// <summary>As <see cref="Hazard"/>, for seed that can kill.</summary>
    public const string Toxic = "TOXIC";

    /// <param name="lot">As it is to stand on the label.</param>
    public static BatchLabel Of(int number, BatchPlan plan, PartState part, Species species, string lot)
    {
        var code = Text.Of($"B-{number}{(part.Id == BatchPlan.FirstPart ? "" : $".{part.Id}")}");
        var open = part.Open;
        var step = plan.Steps[open?.Step ?? part.LastStep ?? plan.NextStep(-1) ?? 0];
        return new(
            code,
            species.CommonName,
            species.ScientificName,
            lot,
            part.Vessel?.Label,
            step.Step.Kind.Words(),
            open?.Start ?? (part.Spans.Count > 0 ? part.Spans[^1].Start : null),
            DueOf(plan, part, step),
            HazardOf(species.Hazard),
            WarningsOf(species),
            Stale: part.LabelledFor != part.LabelKey,
            part.LabelledOn
        );
    }

    private static string DueOf(BatchPlan plan, PartState part, PlannedStep step)
    {
        if (part.Spans.Count == 0)
            return $"to start {Quantity.Day(plan.Start)}";
        if (part.Open is not { } open)
            return "next step due";
        if (step.Step.Kind == StepKind.Germinate)
        {
            var days = plan.DaysToEmergence(part);
            return $"up {Quantity.Day(open.Start.AddDays(days.Shortest))} to {Quantity.Day(open.Start.AddDays(days.Longest))}";
        }
        var next =
            plan.NextStep(open.Step) is not { } n ? "out"
            : plan.Steps[n].Step.Kind == StepKind.Germinate && part.SownOn is null ? "sow"
            : plan.Steps[n].Step.Kind.Words();
        return $"due {Quantity.Day(open.Start.AddDays(step.PlannedDays))}: {next}";
    }

    private static string? HazardOf(HazardLevel hazard) =>
        hazard switch
        {
            HazardLevel.Toxic or HazardLevel.VeryToxic => Toxic,
            HazardLevel.Irritant => "IRRITANT",
            _ => null,
        };

    /// <summary>A label that is lost means the worst of what it could have said (common practice, no source).</summary>
    private static List<string> WarningsOf(Species species)
    {
        var warnings = new List<string>();
        switch (species.Hazard)
        {
            case HazardLevel.Toxic or HazardLevel.VeryToxic:
                warnings.Add($"{Toxic}{(species.HazardNote is { } note ? $": {note.TrimEnd('.')}" : "")}");
                if (species.LookAlike is { } other)
                    warnings.Add($"is NOT {other}");
                warnings.Add("label lost: discard");
                break;
            case HazardLevel.Irritant:
                warnings.Add("IRRITANT: gloves");
                if (species.LookAlike is { } alike)
                    warnings.Add($"looks like {alike}");
                break;
            default:
                if (species.LookAlike is { } taken)
                    warnings.Add($"looks like {taken}");
                break;
        }
        return warnings;
    }
}
