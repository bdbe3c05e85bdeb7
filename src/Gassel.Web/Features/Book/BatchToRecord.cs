namespace Gassel.Web.Features.Book;

/// <summary>The entries of one gesture for one of its batches.</summary>
public sealed record BatchToRecord(Guid Batch, IReadOnlyList<EntryToRecord> Entries);
