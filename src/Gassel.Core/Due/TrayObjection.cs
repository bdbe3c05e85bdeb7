namespace Gassel.Core.Due;

/// <summary>Why seed may not go into a vessel that holds other seed.</summary>
/// <param name="IsHazard">It must not be done, whoever says that it was.</param>
public sealed record TrayObjection(bool IsHazard, string Words);
