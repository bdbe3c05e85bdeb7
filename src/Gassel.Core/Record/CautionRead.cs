namespace Gassel.Core.Record;

/// <summary>The caution was read before the hand went on.</summary>
/// <param name="Topic">As in <see cref="Treatments.Caution.Topic"/>.</param>
public sealed record CautionRead(string Topic) : EntryPayload;
