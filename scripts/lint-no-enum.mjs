// A rule of ours for oxlint, which has none that forbids enums.
export default {
  meta: { name: 'ferula' },
  rules: {
    'no-enum': {
      create: (context) => ({
        TSEnumDeclaration: (node) => context.report({ node, message: 'Use a literal union or an object as const.' }),
      }),
    },
  },
};
