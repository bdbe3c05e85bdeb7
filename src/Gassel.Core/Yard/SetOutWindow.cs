namespace Gassel.Core.Yard;

/// <summary>Days with enough cold in nine winters of ten, both ends inclusive.</summary>
public readonly record struct SetOutWindow(DateOnly Earliest, DateOnly Latest);
