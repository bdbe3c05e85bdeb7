using System.Globalization;
using Gassel.Core.Germination;

namespace Gassel.Core.Batches;

/// <summary>Germination over all parts: sprouted in treatment or emerged, of the seed started, with its Wilson interval.</summary>
public sealed record BatchGermination(int Germinated, int Seeds, double Fraction, double Low, double High, IReadOnlyList<string> Working)
{
    /// <summary>Null before the first step.</summary>
    public static BatchGermination? From(BatchState state)
    {
        if (!state.Started) return null;
        var (germinated, seeds) = (state.Germinated, state.SeedsStarted);
        var wilson = Proportion.Wilson(germinated, seeds, 0.95);
        return new(germinated, seeds, (double)germinated / seeds, wilson.Low, wilson.High,
        [
            string.Create(CultureInfo.InvariantCulture, $"{germinated} germinated of {seeds} seeds started, over all parts."),
            string.Create(CultureInfo.InvariantCulture, $"{state.Living.Sum(p => p.Sprouted)} sprouted in the treatment, {state.Living.Sum(p => p.Emerged)} emerged; a sprout that emerges counts once."),
            string.Create(CultureInfo.InvariantCulture, $"95 % interval {wilson.Low:P1} to {wilson.High:P1} (Wilson 1927)."),
        ]);
    }
}
