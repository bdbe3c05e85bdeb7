using System.Security.Cryptography;
using System.Text;

namespace Gassel.Web.Features.People;

/// <summary>The code, told on the console alone, with which the first owner comes in. It is kept nowhere and good for this run.</summary>
internal sealed class OwnerCode
{
    /// <summary>So many wrong tries, and it is worth nothing until the next start.</summary>
    private const int MostTries = 20;

    private int _tries;

    /// <summary>Null where none is open.</summary>
    public string? Code { get; private set; }

    public void Open() => Code = SignUpCode.Make();

    public void Used() => Code = null;

    public bool Fits(string typed)
    {
        if (Code is not { } code)
            return false;
        if (
            CryptographicOperations.FixedTimeEquals(
                Encoding.ASCII.GetBytes(SignUpCode.Plain(code)),
                Encoding.ASCII.GetBytes(SignUpCode.Plain(typed))
            )
        )
            return true;
        if (Interlocked.Increment(ref _tries) >= MostTries)
            Code = null;
        return false;
    }
}
