using Gassel.Web.Hosting;

return await Running.Run(args);
