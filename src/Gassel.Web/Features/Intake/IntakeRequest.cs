namespace Gassel.Web.Features.Intake;

/// <param name="Text">CSV with a first line of names; parted by comma, semicolon or tab.</param>
/// <param name="At">For each column of the table, which column of the file it stands in, from 0, or −1 for none; null to go by the
/// names.</param>
/// <param name="Save">False to be told only.</param>
/// <param name="Who">Beside what is recorded.</param>
public sealed record IntakeRequest(string Text, bool Save, string Who, IReadOnlyList<int>? At = null);
