import js from "@eslint/js";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";
import { rooms } from "./eslint.rooms.js";

// the day comes from the server; text is turned into dates in one module only
const noDatesFromText = {
  selector: "NewExpression[callee.name='Date']",
  message: "Days live in src/time/days.ts; the browser is never asked for the day.",
};

// a field says what is valid, its unit, and what the server has against it
const noBareFields = {
  name: "@mui/material",
  importNames: ["TextField", "Autocomplete", "Select"],
  message:
    "Fields are those of src/shared: WordsField, NumberField, MeasureField, DayField, ChoiceField, SearchField.",
};

export default tseslint.config(
  { ignores: ["src/api/schema.d.ts", "node_modules"] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ["src/**/*.{ts,tsx}"],
    plugins: { "react-hooks": reactHooks, gassel: { rules: { rooms } } },
    rules: {
      ...reactHooks.configs.recommended.rules,
      "gassel/rooms": "error",
      "max-len": ["error", { code: 140, ignoreUrls: true }],
      "no-restricted-syntax": ["error", noDatesFromText],
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
    },
  },
  {
    files: ["src/features/**", "src/people/**", "src/record/**", "src/app/**"],
    // towns are looked up as they are typed, and Find answers below its field
    ignores: ["src/features/start/TownField.tsx", "src/features/finding/FindDialog.tsx"],
    rules: { "no-restricted-imports": ["error", { paths: [noBareFields] }] },
  },
  { files: ["src/time/days.ts", "src/record/entries.ts"], rules: { "no-restricted-syntax": "off" } },
);
