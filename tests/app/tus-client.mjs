// Another tus client (tus.io), for the simulated lab: node tus-client.mjs URL KEY FILE. It breaks off once, and goes on.
import { readFileSync } from 'node:fs';
import { Upload } from 'tus-js-client';

const [url, key, path] = process.argv.slice(2);
process.exitCode = 1;
let isBroken = false;
const upload = new Upload(readFileSync(path), {
    endpoint: url,
    headers: { Authorization: `Bearer ${key}` },
    chunkSize: 1_000_000,
    metadata: { filename: 'large.jpg' },
    onChunkComplete: () => {
        if (!isBroken) {
            isBroken = true;
            void upload.abort().then(() => upload.start());
        }
    },
    onError: (error) => {
        console.error(error.message);
        process.exit(1);
    },
    onSuccess: () => process.exit(0),
});
upload.start();
