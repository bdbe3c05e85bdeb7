namespace Gassel.Core.Germination;

/// <summary>
/// Times as they can honestly be told. Where the very first count after sowing finds seedlings, they came some time before it, and nobody
/// knows
/// when: no line is drawn through days on which nobody looked. (The indices of the calculator go by their published definitions and
/// interpolate from day 0.)
/// </summary>
/// <param name="Half">Day by which half of those that came up were up; null where none is up or it can only be bounded.</param>
/// <param name="HalfBefore">They were up before this day; null where <paramref name="Half"/> is known.</param>
/// <param name="Mean">Mean days to emergence; null without seedlings, and where the first count found too many.</param>
public sealed record ObservedTimes(double? Half, double? HalfBefore, double? Mean, IReadOnlyList<string> Working)
{
    /// <summary>With a larger share of the seedlings in the first count no mean is told (our assumption).</summary>
    private const double ManyAtFirst = 0.1;

    /// <param name="counts">In order of strictly increasing day.</param>
    public static ObservedTimes Of(IReadOnlyList<SeedlingCount> counts, GerminationIndices indices)
    {
        var all = counts.Sum(c => c.Emerged);
        if (all == 0)
            return new(null, null, null, []);
        // up on the day of sowing or the day after is no long time unseen
        if (counts[0].Emerged == 0 || counts[0].Day <= 1)
            return new(indices.T50Farooq, null, indices.MeanTime, []);
        var (first, day) = (counts[0].Emerged, counts[0].Day);
        var half = first * 2 >= all;
        var many = first > ManyAtFirst * all;
        return new(
            half ? null : indices.T50Farooq,
            half ? day : null,
            many ? null : indices.MeanTime,
            [
                Text.Of(
                    $"The first count, on day {day:0.#}, found {first} of the {all} seedlings. They came up some time "
                        + $"before "
                        + $"it{(half ? Text.Of($", so half were up before day {day:0.#}")
                            : "")}"
                        + $"{(many ? "; a mean time would be a guess" : "")}."
                ),
            ]
        );
    }
}
