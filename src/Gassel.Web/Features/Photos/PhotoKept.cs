namespace Gassel.Web.Features.Photos;

/// <param name="Photo">Name under which it is kept.</param>
public sealed record PhotoKept(string Photo, int Bytes);
