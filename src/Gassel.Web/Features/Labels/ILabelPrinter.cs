namespace Gassel.Web.Features.Labels;

/// <summary>Something that puts a PDF on paper. A real printer would stand behind this too.</summary>
internal interface ILabelPrinter
{
    /// <returns>Name of the job.</returns>
    Task<string> Print(byte[] pdf, DateTimeOffset at, CancellationToken cancel);
}
