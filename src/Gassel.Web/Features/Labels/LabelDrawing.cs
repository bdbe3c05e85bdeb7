using Gassel.Core;
using Gassel.Core.Due;
using QRCoder;

namespace Gassel.Web.Features.Labels;

/// <summary>Draws one label into a box. Sizes in points; black on white, for any printer.</summary>
internal static class LabelDrawing
{
    private const double PointsPerMm = 72 / 25.4;
    private const double PadMm = 2;

    /// <summary>Smaller than this nobody reads at arm's length.</summary>
    private const double SmallestPt = 6;

    /// <summary>With code, name, lot, step, dates, warning and a code for the phone.</summary>
    /// <param name="address">Of the batch's page.</param>
    public static void Outside(LabelInk ink, LabelBox box, BatchLabel label, string address)
    {
        var inner = box.Inside(PadMm * PointsPerMm);
        var room = inner.Height - Band(ink, inner, label.Warnings, label.Hazard);
        var qr = Math.Min(inner.Width * 0.36, room);
        Code(ink, new(inner.Right - qr, inner.Y, qr, qr), address);
        Lines(
            ink,
            inner with
            {
                Width = inner.Width - qr - (2 * PointsPerMm),
                Height = room,
            },
            [
                (label.CommonName, 10.5, LabelFace.Bold),
                (label.ScientificName, 9, LabelFace.Italic),
                ($"{label.Code}{(label.Vessel is { } vessel ? $"  {vessel}" : "")}", 13, LabelFace.Bold),
                ($"{label.Step}{(label.In is { } day ? $", in {Quantity.Day(day)}" : "")}", 8.5, LabelFace.Regular),
                (label.Due, 8.5, LabelFace.Bold),
                (label.Lot, 7.5, LabelFace.Regular),
            ]
        );
    }

    /// <summary>What must be legible should the outside one be lost: code, name, day, warning.</summary>
    public static void Small(LabelInk ink, LabelBox box, BatchLabel label)
    {
        var inner = box.Inside(PadMm * PointsPerMm);
        var room = inner.Height - Band(ink, inner, [.. label.Warnings.Take(2)], label.Hazard);
        Lines(
            ink,
            inner with
            {
                Height = room,
            },
            [
                (label.Code, 14, LabelFace.Bold),
                (label.CommonName, 9, LabelFace.Bold),
                (label.ScientificName, 8, LabelFace.Italic),
                (label.In is { } day ? $"in {Quantity.Day(day)}" : label.Due, 8, LabelFace.Regular),
            ]
        );
    }

    /// <summary>To hang up: a name as large as there is room for, what the code is for, and the code, in a frame to cut along.</summary>
    /// <param name="address">That the code leads to.</param>
    public static void Card(LabelInk ink, LabelBox box, string name, string words, string address)
    {
        ink.Frame(box, 0.5);
        var inner = box.Inside(5 * PointsPerMm);
        var qr = Math.Min(inner.Height, inner.Width * 0.45);
        Code(ink, new(inner.Right - qr, inner.Y, qr, qr), address);
        Lines(
            ink,
            inner with
            {
                Width = inner.Width - qr - (3 * PointsPerMm),
            },
            [(name, 26, LabelFace.Bold), (words, 11, LabelFace.Regular)]
        );
    }

    /// <summary>Lines one below the other, smaller together where the box is low, and each for itself where it is long.</summary>
    private static void Lines(LabelInk ink, LabelBox box, IReadOnlyList<(string Text, double Size, LabelFace Face)> lines)
    {
        var scale = Math.Min(1, box.Height / lines.Sum(l => l.Size * LabelInk.LineHeight));
        var y = box.Y;
        foreach (var (line, size, face) in lines)
        {
            var text = ink.Printable(ink.Speaker.Say(line), face);
            var fitting = Fitting(ink, text, box.Width, size * scale, face);
            ink.Text(Cut(ink, text, box.Width, fitting, face), box.X, y, fitting, face);
            y += size * scale * LabelInk.LineHeight;
        }
    }

    /// <summary>
    /// A band along the lower edge: white on black for what kills, framed for the rest, so that it survives a bad printer and no colour.
    /// </summary>
    /// <returns>Height it takes.</returns>
    private static double Band(LabelInk ink, LabelBox inner, IReadOnlyList<string> warnings, string? hazard)
    {
        if (warnings.Count == 0)
            return 0;
        var text = ink.Printable(string.Join("; ", warnings), LabelFace.Bold);
        var size = Fitting(ink, text, inner.Width - 4, 8.5, LabelFace.Bold);
        var lines = Wrapped(ink, text, inner.Width - 4, size);
        var height = (lines.Count * size * LabelInk.LineHeight) + 2;
        var band = inner with { Y = inner.Bottom - height, Height = height };
        var reversed = hazard == BatchLabel.Toxic;
        if (reversed)
            ink.Fill(band);
        else
            ink.Frame(band, 0.8);
        for (var i = 0; i < lines.Count; i++)
            ink.Text(lines[i], band.X + 2, band.Y + 1 + (i * size * LabelInk.LineHeight), size, LabelFace.Bold, white: reversed);
        return height + 2;
    }

    /// <summary>Black on white with the quiet zone of ISO/IEC 18004, four modules wide.</summary>
    private static void Code(LabelInk ink, LabelBox box, string address)
    {
        using var generator = new QRCodeGenerator();
        using var code = generator.CreateQrCode(address, QRCodeGenerator.ECCLevel.M);
        var modules = code.ModuleMatrix;
        var size = box.Width / modules.Count;
        for (var row = 0; row < modules.Count; row++)
        {
            // neighbours in one piece, and each a hair lower than it is, so that no white stands between them
            for (var column = 0; column < modules.Count; column++)
            {
                var from = column;
                while (column < modules.Count && modules[row][column])
                    column++;
                if (column > from)
                    ink.Fill(new(box.X + (from * size), box.Y + (row * size), (column - from) * size, size * 1.02));
            }
        }
    }

    private static double Fitting(LabelInk ink, string text, double width, double size, LabelFace face)
    {
        while (size > SmallestPt && ink.WidthOf(text, size, face) > width)
            size = Math.Max(SmallestPt, size - 0.5);
        return Math.Max(SmallestPt, size);
    }

    private static string Cut(LabelInk ink, string text, double width, double size, LabelFace face)
    {
        if (ink.WidthOf(text, size, face) <= width)
            return text;
        var length = text.Length;
        while (length > 1 && ink.WidthOf(text[..length] + "…", size, face) > width)
            length--;
        return text[..length].TrimEnd() + "…";
    }

    /// <summary>A warning is never cut: it goes on in a second line.</summary>
    private static List<string> Wrapped(LabelInk ink, string text, double width, double size)
    {
        var lines = new List<string>();
        var line = "";
        foreach (var word in text.Split(' '))
        {
            var longer = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && ink.WidthOf(longer, size, LabelFace.Bold) > width)
            {
                lines.Add(line);
                line = word;
            }
            else
            {
                line = longer;
            }
        }
        lines.Add(line);
        return lines;
    }
}
