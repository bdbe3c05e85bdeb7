namespace Gassel.Core.Record;

/// <summary>Parts of one thing, by loose volume.</summary>
public readonly record struct MixShare(MixPart Part, double Parts);
