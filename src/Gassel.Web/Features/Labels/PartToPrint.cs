namespace Gassel.Web.Features.Labels;

/// <param name="Entry">UUID made by the device, for the entry that the print leaves.</param>
public sealed record PartToPrint(Guid Batch, string Part, Guid Entry);
