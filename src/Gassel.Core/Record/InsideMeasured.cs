namespace Gassel.Core.Record;

/// <summary>
/// A thermometer lay in the container of a part. What had been told of its days is kept with them, for the numbers of the model may change
/// by the very same readings.
/// </summary>
/// <param name="WallWm2K">Of the model by which it was told, so that one knows which numbers are judged.</param>
/// <param name="Widened">It was told so many times as wide as it came out of the model.</param>
public sealed record InsideMeasured(string Part, ProbeSpot Spot, double WallWm2K, double Widened, IReadOnlyList<InsideDay> Days)
    : EntryPayload;
