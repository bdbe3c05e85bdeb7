using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>Where a container stood from a day on.</summary>
public readonly record struct ExposureFrom(DateOnly From, Exposure Exposure);
