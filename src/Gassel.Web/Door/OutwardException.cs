namespace Gassel.Web.Door;

/// <summary>An address outside could not be asked or told; the message says why, to be shown.</summary>
internal sealed class OutwardException(string message) : Exception(message);
