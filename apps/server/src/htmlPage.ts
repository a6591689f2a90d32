import type { Language } from '@crustan/messages';

/** Text with HTML escapes. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (letter) => `&#${letter.charCodeAt(0)};`);

/** A page of the server's own, without scripts: before a phone is paired it is given no program. */
export const htmlPage = (
  language: Language,
  title: string,
  body: string,
): string => `<!doctype html>
<html lang="${language}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(title)} · Crustan</title>
<style>
:root { color-scheme: light dark; }
body { margin: 0 auto; max-width: 34rem; padding: 1.25rem; font: 1.05rem/1.5 system-ui, sans-serif; background: #f6f4ee; color: #17181a; }
h1 { font-size: 1.6rem; line-height: 1.2; margin: 0.5rem 0; }
h2 { font-size: 1.15rem; margin: 1.5rem 0 0.25rem; }
ol, ul { padding-left: 1.3rem; margin: 0.25rem 0; }
li { margin: 0.25rem 0; }
details { border-top: 1px solid #b8b2a2; }
summary { padding: 0.75rem 0; font-weight: 600; }
label { display: block; margin: 1rem 0; }
input { display: block; box-sizing: border-box; width: 100%; min-height: 3rem; margin-top: 0.25rem; padding: 0 0.75rem; font: inherit; font-size: 1.3rem; border: 1px solid #8d8778; border-radius: 4px; background: #fff; color: #17181a; }
button, .button { display: block; box-sizing: border-box; width: 100%; min-height: 3.5rem; padding: 1rem; font: inherit; font-weight: 600; text-align: center; text-decoration: none; border: 0; border-radius: 4px; background: #1f4bd0; color: #fff; }
a { color: #1f4bd0; }
code { font-size: 1em; word-break: break-all; }
.wrong { padding: 0.75rem; border-radius: 4px; background: #f2c230; color: #17181a; }
@media (prefers-color-scheme: dark) {
  body { background: #17181a; color: #f6f4ee; }
  a { color: #8aa9ff; }
}
</style>
</head>
<body>
<main>
${body}
</main>
</body>
</html>
`;
