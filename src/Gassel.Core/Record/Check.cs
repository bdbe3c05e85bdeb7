namespace Gassel.Core.Record;

/// <param name="Sprouted">Seeds newly sprouted since the last check.</param>
/// <param name="Care">What was done about it; null for nothing.</param>
/// <param name="PlaceC">The thermometer of the place, read by eye, °C; null where nobody read it.</param>
public sealed record Check(
    string Part,
    Moisture Moisture,
    MouldSeen Mould,
    int Sprouted,
    string? Action = null,
    IReadOnlyList<BagCare>? Care = null,
    double? PlaceC = null
) : EntryPayload;
