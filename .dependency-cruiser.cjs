/** Who may import whom on the web: rooms never each other; ui and draw no fetching; nothing in circles. */
module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "rooms-are-apart",
      severity: "error",
      from: { path: "^web/src/rooms/([^/]+)/" },
      to: { path: "^web/src/rooms/", pathNot: "^web/src/rooms/$1/" },
    },
    {
      name: "ui-does-not-fetch",
      severity: "error",
      from: { path: "^web/src/(ui|draw|forecast|advice|tin|pie|food)/" },
      // what the trade takes for usual is data, not a question
      to: { path: "^web/src/(api|rooms)/", pathNot: "generated/defaults", dependencyTypesNot: ["type-only"] },
    },
    { name: "ui-does-not-draw-pies", severity: "error", from: { path: "^web/src/ui/" }, to: { path: "^web/src/draw/" } },
    { name: "api-knows-no-screen", severity: "error", from: { path: "^web/src/api/" }, to: { path: "^web/src/(ui|draw|rooms)/" } },
    { name: "resolvable", severity: "error", from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: "specify",
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "default"] },
  },
};
