namespace Gassel.Core.Fold;

/// <summary>How tall the plants of a part stood on a day, mm.</summary>
public readonly record struct HeightSeen(Guid Entry, DateOnly On, double Mm);
