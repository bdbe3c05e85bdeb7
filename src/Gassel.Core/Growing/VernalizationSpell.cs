namespace Gassel.Core.Growing;

/// <param name="To">The day after the last.</param>
public sealed record VernalizationSpell(DateOnly From, DateOnly To, string Words);
