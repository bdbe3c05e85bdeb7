using Gassel.Core.Germination;

namespace Gassel.Core.Trials;

/// <summary>An arm as it was counted.</summary>
public sealed record ArmCount(string Name, bool IsControl, IReadOnlyList<ReplicateCount> Replicates)
{
    public int Germinated => Replicates.Sum(r => r.Germinated);

    public int Sown => Replicates.Sum(r => r.Sown);

    /// <summary>Counts of all replicates, by day.</summary>
    public IReadOnlyList<SeedlingCount> Counts =>
        [
            .. Replicates
                .SelectMany(r => r.Counts)
                .GroupBy(c => c.Day)
                .OrderBy(g => g.Key)
                .Select(g => new SeedlingCount(g.Key, g.Sum(c => c.Emerged))),
        ];
}
