using Gassel.Data.People;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using QRCoder;

namespace Gassel.Web.Features.Network;

public sealed record NetworkSwitch(bool Open);
