import { IntlMessageFormat } from 'intl-messageformat';

type Element = ReturnType<IntlMessageFormat['getAst']>[number];

/** Names of the arguments of a message in ICU syntax, those inside the cases of plurals too. */
export const argumentsOf = (message: string): ReadonlySet<string> => {
  const found = new Set<string>();
  const visit = (elements: readonly Element[]): void => {
    for (const element of elements) {
      // A number is the kind of literal text and of `#`.
      if (element.type === 0 || element.type === 7) continue;
      found.add(element.value);
      if ('options' in element) {
        for (const { value } of Object.values(element.options)) visit(value);
      }
    }
  };
  visit(new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true }).getAst());
  return found;
};
