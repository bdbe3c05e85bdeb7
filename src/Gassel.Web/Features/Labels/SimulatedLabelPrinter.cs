using System.Globalization;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Labels;

/// <summary>A printer that ships: it writes the PDF into the data folder, where it can be fetched and printed by any other.</summary>
internal sealed class SimulatedLabelPrinter(Launch launch) : ILabelPrinter
{
    /// <summary>Older ones are thrown away; the labels can be printed again from the book.</summary>
    private const int Kept = 40;

    private string Folder => Path.Combine(Path.GetFullPath(launch.DataFolder), "printed");

    public async Task<string> Print(byte[] pdf, DateTimeOffset at, CancellationToken cancel)
    {
        Directory.CreateDirectory(Folder);
        var name =
            $"labels-{at.UtcDateTime.ToString("yyyyMMdd-HHmmss", CultureInfo.InvariantCulture)}-{Guid.NewGuid().ToString("N")[..6]}.pdf";
        await File.WriteAllBytesAsync(Path.Combine(Folder, name), pdf, cancel);
        foreach (var old in Directory.GetFiles(Folder, "labels-*.pdf").OrderDescending().Skip(Kept))
            File.Delete(old);
        return name;
    }

    /// <summary>Null where there is no such job.</summary>
    public byte[]? Find(string name)
    {
        var path = Directory.Exists(Folder)
            ? Directory.GetFiles(Folder, "labels-*.pdf").FirstOrDefault(f => Path.GetFileName(f) == name)
            : null;
        return path is null ? null : File.ReadAllBytes(path);
    }
}
