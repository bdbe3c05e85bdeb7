namespace Gassel.Core.Fold;

/// <summary>A cold given to seed that was sown already.</summary>
/// <param name="Days">As it was meant.</param>
/// <param name="End">Null while it lasts.</param>
public readonly record struct ColdSpell(DateOnly From, int Days, DateOnly? End);
