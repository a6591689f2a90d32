// Each schema asks for these two when it is made, and keeps their results for a caller that the interface does not have.
export const createToJSONSchemaMethod = () => undefined;
export const createStandardJSONSchemaMethod = () => undefined;
