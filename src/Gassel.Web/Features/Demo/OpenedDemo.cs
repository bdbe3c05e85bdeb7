namespace Gassel.Web.Features.Demo;

/// <param name="Address">On the machine on which the program runs.</param>
public sealed record OpenedDemo(Uri Address);
