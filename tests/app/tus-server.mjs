// Another tus server (tus.io), for our uploads: on a free port, which it tells.
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';

const http = createServer();
http.listen(0, '127.0.0.1', () => {
    const { port } = http.address();
    const tus = new Server({ path: '/v1/files', datastore: new FileStore({ directory: `${tmpdir()}/tus-${port}` }) });
    http.on('request', tus.handle.bind(tus));
    console.log(`port ${port}`);
});
