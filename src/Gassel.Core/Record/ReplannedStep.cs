namespace Gassel.Core.Record;

/// <summary>Days that a step is planned to take from now on.</summary>
public readonly record struct ReplannedStep(int Step, int Days);
