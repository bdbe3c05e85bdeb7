namespace Gassel.Core.Fold;

/// <summary>Cycles of breaking the coat, soaking and looking, from the record of a part and the parts it came from.</summary>
public static class SwellingCycles
{
    /// <summary>A cycle that may be hoped to swell one more seed is worth the handling (our assumption).</summary>
    private const double LeastSeeds = 1;

    /// <summary>`12 of 12 swollen after 2 cycles`, over all cycles of the seed that the part came from.</summary>
    public static string Tally(PartState part)
    {
        var (swollen, of, cycles) = (
            part.Inspections.Sum(i => i.Swollen),
            part.Inspections.Count == 0 ? part.Seeds : part.Inspections[0].Soaked,
            part.Inspections.Count
        );
        return Text.Of($"{swollen} of {of} swollen after {cycles} {(cycles == 1 ? "cycle" : "cycles")}");
    }

    /// <summary>
    /// The share that swelled last time is taken to swell again, with half a seed added on either side so that none of few is not never
    /// (mean of the Jeffreys posterior; that the share stays is our assumption). Null before the first look.
    /// </summary>
    public static AnotherCycle? Judge(PartState part)
    {
        if (part.Inspections is not [.., var last] all)
            return null;
        var share = (last.Swollen + 0.5) / (last.Soaked + 1);
        var expected = part.Seeds * share;
        var inVain = all.Reverse().TakeWhile(i => i.Swollen == 0).Count();
        var pays = expected >= LeastSeeds && inVain < 2;
        var record = Text.Of($"In cycle {all.Count}, {last.Swollen} of {last.Soaked} swelled");
        var words = (pays, inVain) switch
        {
            (_, >= 2) => Text.Of($"{inVain} cycles in a row swelled nothing: cut a few open before going on; they may be empty or dead."),
            (true, _) => Text.Of($"{record}; another cycle may swell about {expected:0} of the {part.Seeds} left: worth doing."),
            _ => Text.Of(
                $"{record}; another cycle would swell hardly any of the {part.Seeds} left. Cut a few open, or sow them as they are."
            ),
        };
        return new(
            pays,
            expected,
            words,
            [
                .. all.Select((i, n) => Text.Of($"Cycle {n + 1}, {Quantity.Day(i.On)}: {i.Swollen} of {i.Soaked} swelled.")),
                Text.Of(
                    $"Expected share: ({last.Swollen} + ½) ÷ ({last.Soaked} + 1) = {share:0.00}; times {part.Seeds} left = {expected:0.0}."
                ),
                "We assume the share stays the same; it falls if the easy seeds went first.",
            ]
        );
    }
}
