using System.Globalization;
using System.Runtime.CompilerServices;

namespace Gassel.Core;

/// <summary>An interpolated string that is put together invariantly; the compiler fills it where <see cref="Text.Of"/> is called.</summary>
[InterpolatedStringHandler]
public ref struct InvariantText(int literalLength, int formattedCount)
{
    private DefaultInterpolatedStringHandler _text = new(literalLength, formattedCount, CultureInfo.InvariantCulture);

    public void AppendLiteral(string value) => _text.AppendLiteral(value);

    public void AppendFormatted<T>(T value) => _text.AppendFormatted(value);

    public void AppendFormatted<T>(T value, string? format) => _text.AppendFormatted(value, format);

    public void AppendFormatted(string? value) => _text.AppendFormatted(value);

    public override string ToString() => _text.ToStringAndClear();
}
