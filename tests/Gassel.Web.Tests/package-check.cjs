// Judges an unpacked package with a validator that others wrote (npm: datapackage, of the Frictionless project).
// node package-check.cjs FOLDER-OF-NODE-MODULES FOLDER-OF-PACKAGE; prints the rows of each resource, or what is wrong.
const [modules, folder] = process.argv.slice(2);
const { Package } = require(require.resolve("datapackage", { paths: [modules] }));

(async () => {
  const loaded = await Package.load(`${folder}/datapackage.json`, { basePath: folder, strict: true });
  for (const resource of loaded.resources) {
    // every cell cast to its type, constraints and foreign keys looked up
    const relations = resource.schema.foreignKeys.length > 0;
    const rows = await resource.read({ keyed: true, relations });
    console.log(`${resource.name} ${rows.length}`);
  }
})().catch((fault) => {
  console.error(String(fault), (fault.errors ?? []).map(String).slice(0, 5).join("; "));
  process.exit(1);
});
