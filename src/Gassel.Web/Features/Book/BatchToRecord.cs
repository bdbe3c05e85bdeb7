using Gassel.Core.Diagnosis;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>The entries of one gesture for one of its batches.</summary>
public sealed record BatchToRecord(Guid Batch, IReadOnlyList<EntryToRecord> Entries);
