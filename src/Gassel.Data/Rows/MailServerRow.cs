namespace Gassel.Data.Rows;

/// <summary>The server that sends the book's e-mail; one a book.</summary>
public sealed class MailServerRow
{
    public int Id { get; set; }
    public required string Host { get; set; }
    public int Port { get; set; }
    public MailSecurity Security { get; set; }

    /// <summary>Null where the server wants no sign-in.</summary>
    public string? User { get; set; }

    /// <summary>Never sent to a screen.</summary>
    public string? Password { get; set; }
    public required string From { get; set; }
}
