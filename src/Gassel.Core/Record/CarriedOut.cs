namespace Gassel.Core.Record;

/// <summary>Out that day to harden off; a day that is not recorded was skipped.</summary>
/// <param name="Hours">24 where they stayed the night; null where nobody looked at the clock.</param>
public sealed record CarriedOut(string Part, int? Hours = null) : EntryPayload;
