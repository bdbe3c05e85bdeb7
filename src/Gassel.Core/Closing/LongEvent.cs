namespace Gassel.Core.Closing;

/// <param name="Plants">Or seeds; null where no number belongs to it.</param>
public readonly record struct LongEvent(DateOnly On, LongEventKind Kind, int? Plants);
