using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <param name="At">The moment; null where only the day was recorded.</param>
public readonly record struct WaterLook(Guid Entry, DateOnly On, DateTimeOffset? At, SurfaceSeen Seen, WaterGiven Given);
