namespace Gassel.Web.Features.Temperature;

/// <summary>The broker of the book and how it does; all null without one.</summary>
/// <param name="Connected">True while messages can arrive.</param>
/// <param name="Fault">Why it is not connected; null where it is, or was not tried yet.</param>
/// <param name="LastMessageAt">When a message that was a reading last came; null for none since the start.</param>
/// <param name="LastRefused">Why the last message that was no reading was refused; null for none since the start.</param>
public sealed record BrokerView(
    string? Host,
    int? Port,
    bool Tls,
    string? User,
    bool HasPassword,
    bool Connected,
    string? Fault,
    DateTimeOffset? LastMessageAt,
    string? LastRefused
);
