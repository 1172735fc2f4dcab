import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";

/** Light and dark of one token. */
const pair = (light: string, dark: string) => ({ value: { base: light, _dark: dark } });

const WATER_LIGHT = ["#EBF7FB", "#C1E4F0", "#9BD0E5", "#77BAD8", "#56A5CA", "#378EBA", "#1A78A8", "#006294", "#004C80"];
const WATER_DARK = ["#112337", "#133450", "#12476B", "#0D5B83", "#0A709A", "#1786AE", "#2F9CC0", "#4CB1CF", "#6DC6DD"];

const HEAT_LIGHT = ["#FBF2E5", "#F2D7B5", "#E9BB8A", "#DF9D65", "#D38046", "#C3642E", "#AF491E", "#983017", "#811411"];
const HEAT_DARK = ["#2F1C1A", "#4D251E", "#6B2E1E", "#883A18", "#A4490A", "#BC5C00", "#D17200", "#E38B20", "#F3A439"];
const SET_LIGHT = ["#F6F2F7", "#E5D5EB", "#D2BADF", "#BFA0D3", "#AA87C4", "#946FB4", "#7E59A2", "#67458D", "#513178"];
const SET_DARK = ["#241D35", "#362A4E", "#4A3868", "#5E4781", "#74579A", "#8A68B1", "#A07BC5", "#B68FD8", "#CBA5E8"];
const COLOUR_LIGHT = [
  "#FCF3DB",
  "#E9D4AA",
  "#D6B57D",
  "#C29755",
  "#AB7935",
  "#925E1E",
  "#754613",
  "#563111",
  "#361F10",
];
const COLOUR_DARK = ["#CEBC92", "#C0A46D", "#B28B4A", "#A27329", "#915C08", "#7C4600", "#663400", "#4D2300", "#341501"];
const scale = (name: string, light: string[], dark: string[]) =>
  Object.fromEntries(light.map((one, i) => [`${name}${i}`, pair(one, dark[i] ?? one)]));

/** Food as it looks, muted to the house: bed, piece and line, light and dark. */
const food = (bed: [string, string], piece: [string, string], line: [string, string]) => ({
  bed: pair(...bed),
  piece: pair(...piece),
  line: pair(...line),
});
export const FOODS = {
  custard: food(["#F3DDA0", "#8F7430"], ["#F3DDA0", "#8F7430"], ["#8A6414", "#F0D58A"]),
  greens: food(["#CFDDAE", "#3E5226"], ["#8FAF5C", "#6C8A3E"], ["#4C6B24", "#C3DB92"]),
  fish: food(["#F2CDB8", "#6A3E2F"], ["#E5A98C", "#A4694F"], ["#8F4A2C", "#F0C2AC"]),
  roots: food(["#F2C89A", "#6B4420"], ["#E39A4E", "#B06F2A"], ["#8A4B12", "#F3C289"]),
  white: food(["#F6F1E4", "#57523F"], ["#E9DFC6", "#8A8264"], ["#7A6A45", "#EDE4C8"]),
  meat: food(["#E2BDA6", "#5A3526"], ["#C58C6E", "#8F5B43"], ["#6B3A22", "#E6B9A2"]),
  nuts: food(["#D9BE97", "#4F3A20"], ["#A77B48", "#84603A"], ["#5B3A17", "#DDBE92"]),
  tomato: food(["#F2C4B4", "#6A3529"], ["#D9826B", "#A8543F"], ["#8A2F1C", "#F2B3A2"]),
  beetroot: food(["#EBC4CC", "#57293A"], ["#C4748A", "#954A62"], ["#702A42", "#EDB4C4"]),
  cheese: food(["#EBC56B", "#7A5C1C"], ["#D9A83C", "#A98130"], ["#7A5208", "#F2D27E"]),
  pastry: food(["#EAD6AE", "#7A6136"], ["#EAD6AE", "#7A6136"], ["#7A5A1E", "#E0C48C"]),
};

/** Colour names the substance, never the judgement: docs/look.md. */
export const system = createSystem(
  defaultBaseConfig,
  defineConfig({
    cssVarsPrefix: "hj",
    conditions: { dark: ".dark &" },
    theme: {
      keyframes: { swings: { "0%, 100%": { transform: "translateY(0)" }, "50%": { transform: "translateY(3px)" } } },
      breakpoints: { sm: "640px", md: "1000px", lg: "1280px", xl: "1440px" },
      tokens: {
        fonts: {
          body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
          heading: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
        },
        fontSizes: {
          scale: { value: "14px" },
          body: { value: "16px" },
          name: { value: "18px" },
          reading: { value: "21px" },
          page: { value: "29px" },
        },
      },
      semanticTokens: {
        colors: {
          ground: pair("#FBFCFE", "#0C1430"),
          well: pair("#E9EFF8", "#1A2650"),
          ink: pair("#0F1A3A", "#EEF2FB"),
          ink2: pair("#3F4B6B", "#BAC5E0"),
          ink3: pair("#5A6785", "#94A1C4"),
          rim: pair("#1A3A8F", "#CFDBFF"),
          onRim: pair("#FFFFFF", "#0C1430"),
          heat: pair("#B3400C", "#FF9E66"),
          water: pair("#006C8A", "#45BBD6"),
          brown: pair("#8A5412", "#E0AE62"),
          watersoft: pair("#CDE6EE", "#113A55"),
          doughpale: pair("#F6EEDA", "#4A3E26"),
          tin: pair("#7A869F", "#8794B8"),
          tinfill: pair("#D5DCE8", "#33406B"),
          hair: pair("#C3CEE4", "#3A4877"),
          hair2: pair("#DCE4F1", "#26325D"),
          food: FOODS,
          ...scale("water", WATER_LIGHT, WATER_DARK),
          ...scale("heat", HEAT_LIGHT, HEAT_DARK),
          ...scale("set", SET_LIGHT, SET_DARK),
          ...scale("colour", COLOUR_LIGHT, COLOUR_DARK),
        },
      },
    },
    globalCss: {
      "html, body, #root": { minHeight: "100%", margin: 0 },
      body: {
        background: "ground",
        color: "ink",
        fontFamily: "body",
        fontSize: "body",
        fontWeight: "430",
        lineHeight: "1.4",
        fontVariantNumeric: "tabular-nums",
      },
      "*, *::before, *::after": {
        boxSizing: "border-box",
        "@media (prefers-reduced-motion: reduce)": {
          transitionDuration: "0ms !important",
          animation: "none !important",
        },
      },
      "h1, h2, h3, p, ul, ol, dl, dd, figure": { margin: 0, padding: 0 },
      "h1, h2, h3": { fontSize: "inherit" },
      a: { color: "rim" },
      "ul, ol": { listStyle: "none" },
      "button, input, select, textarea": { font: "inherit", color: "inherit", letterSpacing: "inherit" },
      // what trembles swings three times when a cue opens, and at a touch; never where the device asks for none
      ".swings": { animation: "swings 500ms ease-in-out 3" },
      "header, .not-printed": { "@media print": { display: "none !important" } },
      "svg text": { fontFamily: "body", fontVariantNumeric: "tabular-nums" },
      ":focus-visible": {
        outline: "3px solid {colors.ink}",
        outlineOffset: "2px",
        boxShadow: "0 0 0 2px {colors.ground}",
        borderRadius: "3px",
      },
    },
  }),
);

/** A token as it can be written into a drawing. */
export const ink = (name: string) => `var(--hj-colors-${name})`;
