using System.Text;
using Gassel.Core;
using UglyToad.PdfPig.Core;
using UglyToad.PdfPig.Writer;

namespace Gassel.Web.Features.Labels;

/// <summary>Black and white on the pages of a PDF, measured in points from the upper left corner.</summary>
internal sealed class LabelInk : IDisposable
{
    /// <summary>Of one line to the next, by the size of the face.</summary>
    public const double LineHeight = 1.22;

    /// <summary>From the top of a line to its baseline, by the size of the face.</summary>
    private const double Ascent = 0.94;

    private readonly PdfDocumentBuilder _document;
    private readonly Dictionary<LabelFace, PdfDocumentBuilder.AddedFont> _fonts;
    private readonly Dictionary<(LabelFace Face, Rune Sign), bool> _has = [];
    private readonly SortedSet<string> _missing = new(StringComparer.Ordinal);
    private PdfPageBuilder? _page;
    private double _height;

    /// <param name="speaker">Of the site's units; a label outlives the season, so its days have their year.</param>
    public LabelInk(string title, Speaker speaker)
    {
        Speaker = speaker;
        _document = new() { DocumentInformation = { Title = speaker.Say(title), Producer = "Gassel" } };
        _fonts = Enum.GetValues<LabelFace>().ToDictionary(face => face, face => _document.AddTrueTypeFont(Font(face)));
    }

    public Speaker Speaker { get; }

    /// <summary>Signs that the faces do not have; a box stands for each.</summary>
    public IReadOnlyCollection<string> Missing => _missing;

    public int Pages => _document.Pages.Count;

    public void NewPage(double width, double height)
    {
        _page = _document.AddPage(width, height);
        _height = height;
    }

    /// <summary>A text as a face can print it in one line: a blank for what moves the pen, a box for what it lacks.</summary>
    public string Printable(string text, LabelFace face)
    {
        var line = new StringBuilder(text.Length);
        foreach (var sign in text.EnumerateRunes())
        {
            if (Rune.IsWhiteSpace(sign) || Rune.IsControl(sign))
                line.Append(' ');
            else if (Has(face, sign))
                line.Append(sign);
            else
                line.Append(Box(face, sign));
        }
        return line.ToString();
    }

    private string Box(LabelFace face, Rune sign)
    {
        _missing.Add(sign.ToString());
        return Has(face, new('□')) ? "□" : "?";
    }

    private bool Has(LabelFace face, Rune sign)
    {
        if (!_has.TryGetValue((face, sign), out var has))
        {
            try
            {
                has = WidthOf(sign.ToString(), 10, face) > 0;
            }
            catch (InvalidOperationException)
            {
                // so the writer says that the face has no such sign
                has = false;
            }
            _has[(face, sign)] = has;
        }
        return has;
    }

    /// <summary>Draws a line of text; <paramref name="y"/> is its top.</summary>
    public void Text(string text, double x, double y, double size, LabelFace face, bool white = false)
    {
        var shade = (byte)(white ? 255 : 0);
        Page.SetTextAndFillColor(shade, shade, shade);
        Page.AddText(text, size, new PdfPoint(x, _height - y - (Ascent * size)), _fonts[face]);
    }

    public double WidthOf(string text, double size, LabelFace face) =>
        text.Length == 0 ? 0 : Page.MeasureText(text, size, new PdfPoint(0, 0), _fonts[face])[^1].EndBaseLine.X;

    public void Fill(LabelBox box)
    {
        Page.SetStrokeColor(0, 0, 0);
        Page.SetTextAndFillColor(0, 0, 0);
        Page.DrawRectangle(new PdfPoint(box.X, _height - box.Bottom), box.Width, box.Height, 0, fill: true);
    }

    public void Frame(LabelBox box, double line)
    {
        Page.SetStrokeColor(0, 0, 0);
        Page.DrawRectangle(new PdfPoint(box.X, _height - box.Bottom), box.Width, box.Height, line);
    }

    public byte[] ToPdf() => _document.Build();

    public void Dispose() => _document.Dispose();

    private PdfPageBuilder Page => _page ?? throw new InvalidOperationException("no page has been begun");

    private static byte[] Font(LabelFace face)
    {
        var name = face switch
        {
            LabelFace.Bold => "SourceSans3_700Bold",
            LabelFace.Italic => "SourceSans3_400Regular_Italic",
            _ => "SourceSans3_400Regular",
        };
        using var stream = typeof(LabelInk).Assembly.GetManifestResourceStream($"Gassel.Web.Fonts.{name}.ttf")
            ?? throw new InvalidOperationException($"the font {name} is not in the program");
        using var bytes = new MemoryStream();
        stream.CopyTo(bytes);
        return bytes.ToArray();
    }
}
