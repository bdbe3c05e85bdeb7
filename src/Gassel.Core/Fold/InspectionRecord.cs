namespace Gassel.Core.Fold;

/// <summary>A look at soaked seed as recorded.</summary>
/// <param name="Soaked">Seeds in the part at the look.</param>
public sealed record InspectionRecord(Guid Entry, DateOnly On, int Soaked, int Swollen);
