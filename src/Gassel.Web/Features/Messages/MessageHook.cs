using Gassel.Web.Problems;

namespace Gassel.Web.Features.Messages;

/// <summary>An address that is told by HTTP.</summary>
/// <param name="Secret">Signs what is sent, 16 characters or more; the receiver needs it too. Never sent to a screen.</param>
/// <param name="Plain">True for plain text, false for JSON.</param>
/// <param name="AllowPrivate">True where the grower says that it stands in their own network.</param>
public sealed record MessageHook(string Address, string? Secret, bool Plain = false, bool AllowPrivate = false)
{
    private const int LeastSecret = 16;

    internal Refusal? Check() =>
        Limits.Text("hook.address", Address, 1000)
        ?? (
            Uri.TryCreate(Address, UriKind.Absolute, out var uri) && uri.Scheme is "http" or "https" && uri.UserInfo.Length == 0
                ? null
                : new Refusal("hook.address", "hook.address is none; valid is one that begins with https:// or http://.")
        )
        ?? Limits.Text("hook.secret", Secret, 200)
        ?? (
            Secret!.Length < LeastSecret
                ? new("hook.secret", $"hook.secret is too short; valid are {LeastSecret} to 200 characters.")
                : null
        );
}
