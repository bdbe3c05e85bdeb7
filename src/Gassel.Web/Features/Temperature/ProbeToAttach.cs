using Gassel.Data.Rows;

namespace Gassel.Web.Features.Temperature;

/// <param name="Device">The probe to ask from now on.</param>
public sealed record ProbeToAttach(DeviceKind Device);
