namespace Gassel.Web.Features.Labels;

/// <param name="File">Address of the PDF.</param>
public sealed record Printed(string File, int Labels, int Pages);
