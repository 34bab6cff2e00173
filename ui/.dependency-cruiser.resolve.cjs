/** Where the interface's own names lie. */
module.exports = {
  resolve: {
    alias: { $lib: `${__dirname}/src/lib` },
    extensions: ['.ts', '.d.ts', '.js', '.svelte'],
  },
};
