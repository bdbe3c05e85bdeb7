namespace Gassel.Core.Record;

public readonly record struct Anchor(AnchorEvent Event, DateOnly Date);
