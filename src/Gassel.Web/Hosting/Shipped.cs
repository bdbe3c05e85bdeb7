using Microsoft.Extensions.FileProviders;

namespace Gassel.Web.Hosting;

/// <summary>What is shipped with the program inside it; where nothing is, it lies beside.</summary>
/// <param name="Pages">The interface.</param>
/// <param name="Devices">Starts the made-up devices of a demo, and tells where they listen.</param>
public sealed record Shipped(IFileProvider? Pages = null, Func<Task<Uri>>? Devices = null);
