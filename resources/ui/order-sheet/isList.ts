/** A file that says what was ordered, by its ending: it is read, and isn't one of the pictures. */
export const isList = (file: File) => /\.(txt|text|csv|tsv|json|xlsx|ods|eml)$/i.test(file.name);
