using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <summary>A start on another day, answered without saving.</summary>
public sealed record WhatIfRequest(DateOnly StartOn);
