namespace Gassel.Core.Planning;

/// <summary>Earliest, usual and latest day of one event, inclusive.</summary>
public readonly record struct DateWindow(DateOnly Earliest, DateOnly Usual, DateOnly Latest);
