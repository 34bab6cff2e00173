// Reads a package of tables with a reader that others wrote, and prints how many rows each has.
const { Package } = require('datapackage');

(async () => {
  const folder = process.argv[2];
  const read = await Package.load(`${folder}/datapackage.json`, { basePath: folder, strict: true });
  const rows = {};
  for (const table of read.resources)
    rows[table.name] = (await table.read({ keyed: true, relations: true })).length;
  console.log(JSON.stringify(rows));
})().catch((failure) => {
  console.error(failure.message, (failure.errors ?? []).map((each) => each.message).join('; '));
  process.exit(1);
});
