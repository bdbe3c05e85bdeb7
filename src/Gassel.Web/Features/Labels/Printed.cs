namespace Gassel.Web.Features.Labels;

/// <param name="File">Address of the PDF.</param>
/// <param name="Missing">Signs that the labels' font does not have; a box stands for each.</param>
public sealed record Printed(string File, int Labels, int Pages, IReadOnlyList<string> Missing);
