import { request, type IncomingMessage, type ServerResponse } from 'node:http';
import { createServer } from 'node:https';
import { certificateFor } from './certificate';
import { namesOf } from './addresses';

/** The secure front: HTTPS on one address, everything handed on to the application on loopback. */
const [listen = '', toPort = '', folder = '', publicUrl = ''] = process.argv.slice(2);
const host = listen.slice(0, listen.lastIndexOf(':')).replace(/^\[|\]$/g, '');
const port = Number(listen.slice(listen.lastIndexOf(':') + 1));
const { key, chain } = await certificateFor(folder, namesOf(host, publicUrl));

const server = createServer({ key, cert: chain, minVersion: 'TLSv1.2' }, handOn);
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(`The secure front cannot listen on ${listen}: ${error.code ?? error.message}`);
  process.exit(1);
});
server.listen(port, host, () => console.log(`The secure front listens on ${listen}.`));
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => {
    server.close();
    server.closeAllConnections();
    process.exit(0);
  });

function handOn(incoming: IncomingMessage, answer: ServerResponse): void {
  const onward = request(
    {
      host: '127.0.0.1',
      port: Number(toPort),
      method: incoming.method,
      path: incoming.url,
      // Whoever asks says nothing about where the question comes from: that is said here.
      headers: {
        ...incoming.headers,
        'x-forwarded-proto': 'https',
        'x-forwarded-for': incoming.socket.remoteAddress ?? '',
        'x-forwarded-host': incoming.headers.host,
      },
    },
    (reply) => {
      answer.writeHead(reply.statusCode ?? 502, reply.headers);
      reply.pipe(answer);
    },
  );
  onward.on('error', () => {
    if (answer.headersSent) return answer.destroy();
    answer.writeHead(502, { 'content-type': 'text/plain; charset=utf-8' });
    answer.end('Ferula itself does not answer just now. ./ferula status tells what runs.\n');
  });
  answer.on('close', () => onward.destroy());
  incoming.pipe(onward);
}
