using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <param name="At">The moment; noon of the day where only that was recorded.</param>
public readonly record struct TendingRecord(Guid Entry, DateOnly On, DateTimeOffset? At, Tending What);
