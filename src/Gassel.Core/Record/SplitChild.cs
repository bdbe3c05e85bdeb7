namespace Gassel.Core.Record;

/// <summary>An amount split off, with the seed that had already sprouted in the treatment.</summary>
/// <param name="Swollen">True where it has taken water, false where it has not; null where that is not the matter.</param>
public readonly record struct SplitChild(string Part, int Seeds, int Sprouted, bool? Swollen = null);
