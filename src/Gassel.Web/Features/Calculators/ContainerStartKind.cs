using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Calculators;

public sealed record ContainerStartKind(ContainerPreset Preset, string Words, ContainerParameters Parameters);
