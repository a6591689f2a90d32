/** Under Jest there are no modules to import late: import('x') becomes a promise of require('x'). */
module.exports = ({ template }) => {
  const late = template.expression('Promise.resolve().then(() => require(SOURCE))');
  return {
    name: 'import-as-require',
    visitor: {
      CallExpression(path) {
        if (path.node.callee.type !== 'Import') return;
        path.replaceWith(late({ SOURCE: path.node.arguments[0] }));
      },
    },
  };
};
