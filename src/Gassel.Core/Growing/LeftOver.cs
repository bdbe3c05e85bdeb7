using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>Planted against wanted, and what is left over.</summary>
/// <param name="Planted">Ever put into the ground.</param>
/// <param name="Stand">Alive and not planted, dormant ones included.</param>
/// <param name="Over">Of these, more than are still wanted.</param>
public sealed record LeftOver(int Wanted, int Planted, int Stand, int Over)
{
    /// <summary>Null before the first is planted.</summary>
    public static LeftOver? Of(PlantTally plants, int wanted)
    {
        var planted = plants.At(PlantStage.Planted).Reached;
        if (planted == 0)
            return null;
        var stand = plants.Stages.Where(s => s.Stage < PlantStage.Planted).Sum(s => s.Alive + s.Dormant);
        return new(wanted, planted, stand, Math.Max(0, stand - Math.Max(0, wanted - planted)));
    }

    public string Words =>
        this switch
        {
            { Stand: 0 } => Text.Of($"{Planted} planted of {Wanted} wanted; none is left."),
            { Over: > 0 } when Over == Stand => Text.Of($"{Planted} planted of {Wanted} wanted; the other {Stand} are left over."),
            { Over: > 0 } => Text.Of($"{Planted} planted of {Wanted} wanted; of the other {Stand}, {Over} are left over."),
            _ => Text.Of($"{Planted} planted of {Wanted} wanted; the other {Stand} are wanted too."),
        };
}
