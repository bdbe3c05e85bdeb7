using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>Dangers in a run, on the hotter of air and mix.</summary>
public static class ContainerWarnings
{
    public const double CoolStopC = 25;
    public const double OpenC = 30;
    public const double DamageC = 40;
    public const double LethalC = 45;

    /// <param name="killC">What the seedlings stand, by the air inside, °C; null where none are up.</param>
    /// <param name="cap">How its top stands: what is open already is not to be opened.</param>
    public static IReadOnlyList<InsideWarning> Of(ContainerRun run, double? killC, CapPosition cap = CapPosition.On)
    {
        var found = new List<InsideWarning>();
        for (var i = 0; i < run.Hours.Count; )
        {
            if (DangerOf(run, i, killC) is not { } danger)
            {
                i++;
                continue;
            }
            var (first, worst) = (i, WorstOf(run, i, danger));
            // one warm afternoon is one warning, named after its worst hour
            for (
                ;
                i < run.Hours.Count
                    && DangerOf(run, i, killC) is { } next
                    && (next == InsideDanger.SeedlingsFreeze) == (danger == InsideDanger.SeedlingsFreeze);
                i++
            )
            {
                danger = next > danger ? next : danger;
                worst = danger == InsideDanger.SeedlingsFreeze ? Math.Min(worst, run.AirC[i]) : Math.Max(worst, WorstOf(run, i, next));
            }
            found.Add(new(danger, run.Hours[first].At, run.Hours[i - 1].At.AddHours(1), worst, Words(danger, worst, killC, cap)));
        }
        return found;
    }

    private static InsideDanger? DangerOf(ContainerRun run, int hour, double? killC) =>
        Math.Max(run.AirC[hour], run.MediumC[hour]) switch
        {
            >= LethalC => InsideDanger.Lethal,
            >= DamageC => InsideDanger.Damage,
            >= OpenC => InsideDanger.OpenNow,
            >= CoolStopC => InsideDanger.CoolKindsStop,
            _ => run.AirC[hour] <= killC ? InsideDanger.SeedlingsFreeze : null,
        };

    private static double WorstOf(ContainerRun run, int hour, InsideDanger danger) =>
        danger == InsideDanger.SeedlingsFreeze ? run.AirC[hour] : Math.Max(run.AirC[hour], run.MediumC[hour]);

    private static string Words(InsideDanger danger, double worstC, double? killC, CapPosition cap) =>
        danger switch
        {
            InsideDanger.CoolKindsStop => Text.Of(
                $"{Quantity.Temperature(worstC)} inside: above {Quantity.WholeDegrees(CoolStopC)} kinds that come up in the cool stop."
            ),
            InsideDanger.OpenNow => Text.Of(
                $"{Quantity.Temperature(worstC)} inside: {(cap == CapPosition.Open ? "its top is open already, so shade it" : "open it")}."
            ),
            InsideDanger.Damage => Text.Of(
                $"{Quantity.Temperature(worstC)} inside: from {Quantity.WholeDegrees(DamageC)} seed and seedlings are hurt."
            ),
            InsideDanger.Lethal => Text.Of(
                $"{Quantity.Temperature(worstC)} inside: at {Quantity.WholeDegrees(LethalC)} they die within an hour or so."
            ),
            _ => Text.Of($"{Quantity.Temperature(worstC)} inside: seedlings survive to {Quantity.Temperature(killC!.Value)}."),
        };
}
