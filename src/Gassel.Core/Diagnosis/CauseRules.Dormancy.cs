using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>Whether it is time, and whether the seed was woken.</summary>
public static partial class CauseRules
{
    /// <summary>With less than this share of what is expected still to come by the curve, the wave is over (our assumption).</summary>
    private const double LittleLeft = 0.1;

    /// <summary>A coat is taken for unbroken where more than this share of the looked-at seed took no water (our assumption).</summary>
    private const double Unswollen = 0.1;

    /// <summary>More of it explains a low share by itself (our assumption).</summary>
    private const double MostUnswollen = 0.4;

    public static CauseFinding? NotTimeYet(GerminationGround g)
    {
        var (e, window) = (new Evidence(), g.Window);
        const string Look = "Nothing: keep it moist and keep counting. Do not give up on it inside its window.";
        if (g.Day > window.Longest)
        {
            e.Against.Add(
                Text.Of($"Day {g.Day}; seedlings are expected from day {window.Shortest} to {window.Longest}, so the window is past.")
            );
            return e.Finding(
                Cause.NotTimeYet,
                Likelihood.Unlikely,
                DormancyClasses.KeepsToSecondSpring(g.Species.DormancyClass, g.Species.Depth, g.Species.Flags)
                    ? "This kind may wait for a second spring: keep it."
                    : "Look at the other causes."
            );
        }
        e.For.Add(
            Text.Of(
                $"Day {g.Day} of {window.Shortest} to {window.Longest}: "
                    + $"{(g.Day < window.Shortest ? "before its window" : "inside its window")}."
            )
        );
        if (g.Result.Curve is { Extrapolated: false } curve)
        {
            var left = 1 - (curve.At(g.Day) / curve.MaxFraction);
            if (left < LittleLeft)
                e.Against.Add(Text.Of($"Its own counts suggest that {1 - left:P0} of what will come is up: little more is expected."));
            else
                e.For.Add(Text.Of($"Its own counts suggest that {left:P0} is still to come."));
        }
        return e.Finding(Cause.NotTimeYet, e.Against.Count > 0 ? Likelihood.Possible : Likelihood.Likely, Look);
    }

    public static CauseFinding? ChillingShort(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Cut a few seeds: full and firm means alive and waiting. A second cold may bring them.";
        var asked = g.Steps(StepKind.ColdMoist).Where(s => !s.Step.Optional).ToList();
        if (g.Colds.Count == 0)
        {
            if (asked.Count == 0)
            {
                if (
                    g.Species.DormancyClass
                    is not (DormancyClass.Physiological or DormancyClass.Morphophysiological or DormancyClass.Combinational)
                )
                    return null;
                e.For.Add("The route has no cold, and seed of this kind is dormant inside.");
                if (g.Species.Depth == DormancyDepth.NonDeep)
                    e.Against.Add("Its dormancy is shallow: time in dry storage is often enough.");
                return e.Finding(Cause.ChillingShort, Likelihood.Possible, Look);
            }
            e.For.Add(Text.Of($"The route asks for {asked.Sum(s => s.Step.Days.Shortest)} days of cold or more, and none is recorded."));
            return e.Finding(Cause.ChillingShort, Likelihood.Likely, Look);
        }
        var (worst, measured) = (Likelihood.Unlikely, true);
        var (byThermometer, inCold) = (g.Colds.Sum(c => c.Measured.Days), g.Colds.Sum(c => c.Measured.Days + c.Assumed.Days));
        foreach (var cold in g.Colds)
        {
            var (gained, certain, shortest, usual) = (cold.All.Effective, cold.Certain.Effective, cold.Shortest.Days, cold.Usual.Days);
            measured &= cold.Measured.Days >= cold.Assumed.Days;
            var amount = Text.Of(
                $"{gained:0.0} days by temperature since "
                    + $"{Quantity.Day(cold.Since)}{(cold.Measured.Days < cold.Assumed.Days ? ", most of it assumed" : "")}"
            );
            if (gained < shortest)
            {
                e.For.Add(Text.Of($"{amount}, below the shortest of {shortest}."));
                worst = Likelihood.Likely;
            }
            else if (gained < usual)
            {
                e.For.Add(Text.Of($"{amount}: more than the shortest, {shortest}, and less than the usual, {usual}."));
                if (worst == Likelihood.Unlikely)
                    worst = Likelihood.Possible;
            }
            else
            {
                e.Against.Add(Text.Of($"{amount}; the usual is {usual}."));
            }
            if (certain < shortest && gained >= shortest)
            {
                e.For.Add(
                    Text.Of(
                        $"Only {certain:0.0} of them are certain: it lay dry, or three or more warm days may " + $"have undone some of it."
                    )
                );
                worst = Likelihood.Likely;
            }
        }
        if (worst == Likelihood.Unlikely && !measured)
        {
            e.Against.Add(
                byThermometer < 0.5
                    ? "But there is no reading of the place: its temperature was assumed."
                    : Text.Of($"But only {byThermometer:0} of {inCold:0} days were measured; the temperature of the others was assumed.")
            );
            worst = Likelihood.CannotTell;
            if (Waiting(g) is { } waiting)
            {
                e.For.Add(waiting);
                worst = Likelihood.Possible;
            }
        }
        return e.Finding(Cause.ChillingShort, worst, measured ? Look : $"A thermometer where the cold was given. {Look}");
    }

    public static CauseFinding? WarmStepMissing(GerminationGround g)
    {
        var e = new Evidence();
        var asked = g.Steps(StepKind.WarmMoist).ToList();
        const string Look =
            "Cut a few seeds and look at the embryo: it must fill the seed before the cold counts. Give the warm weeks, then the cold.";
        if (asked.Count == 0)
        {
            if (
                g.Species.Has(SpeciesFlag.GerminatesInCold)
                || g.Species.DormancyClass is not (DormancyClass.Morphological or DormancyClass.Morphophysiological)
            )
                return null;
            e.For.Add("The embryo of this kind is too small at harvest, and the route has no warm-moist step for it to grow in.");
            return e.Finding(Cause.WarmStepMissing, Likelihood.Possible, Look);
        }
        var given = g.Spans(StepKind.WarmMoist).Sum(t => (t.Span.End ?? g.On).DayNumber - t.Span.Start.DayNumber);
        var shortest = asked.Sum(s => s.Step.Days.Shortest);
        if (given < shortest)
        {
            e.For.Add(Text.Of($"{given} days of warm-moist recorded; the route asks for at least {shortest}."));
            return e.Finding(Cause.WarmStepMissing, Likelihood.Likely, Look);
        }
        e.Against.Add(Text.Of($"{given} days of warm-moist recorded; the route asks for at least {shortest}."));
        return e.Finding(Cause.WarmStepMissing, Likelihood.Unlikely, Look);
    }

    public static CauseFinding? CoatNotBroken(GerminationGround g)
    {
        if (g.Species.DormancyClass is not (DormancyClass.Physical or DormancyClass.Combinational))
            return null;
        var e = new Evidence();
        const string Look = "Dig up a few seeds: small and dark has taken no water. Abrade the unswollen and soak them once more.";
        if (!g.Spans(StepKind.Scarify).Any())
        {
            e.For.Add("A water-tight coat, and no scarifying is recorded.");
            return e.Finding(Cause.CoatNotBroken, Likelihood.Likely, Look);
        }
        if (g.Part.Inspections.Count == 0)
        {
            e.For.Add("Scarified, but nobody checked whether the seed swelled.");
            return e.Finding(Cause.CoatNotBroken, Likelihood.Possible, Look);
        }
        var last = g.Part.Inspections[^1];
        var dry = 1 - ((double)last.Swollen / Math.Max(1, last.Soaked));
        if (g.Part.IsSwollen == false || (dry > Unswollen && g.Part.IsSwollen != true))
        {
            e.For.Add(
                Text.Of($"{last.Soaked - last.Swollen} of {last.Soaked} had taken no water at the last look, {Quantity.Day(last.On)}.")
            );
            return e.Finding(
                Cause.CoatNotBroken,
                g.Part.IsSwollen == false || dry > MostUnswollen ? Likelihood.Likely : Likelihood.Possible,
                Look
            );
        }
        e.Against.Add(Text.Of($"Seen swollen {Quantity.Day(last.On)}."));
        return e.Finding(Cause.CoatNotBroken, Likelihood.Unlikely, Look);
    }
}
