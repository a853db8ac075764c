import { createServer, type Socket } from 'node:net';
import { createInterface } from 'node:readline';
import { commandOf, HELP } from './command.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

/** How often the devices speak. ms */
const BEAT = 100;
const PORT = Number(process.env.GYRUS_DEVICES ?? 4731);
const SEED = Number(process.env.GYRUS_DEVICES_SEED ?? 7);

const devices = new SimulatedDevices(SEED);
const listeners = new Set<Socket>();

/** Does what is typed here or sent over a link; says on the terminal what it does not know. */
function obey(line: string): void {
  if (line.trim() === '') return;
  const command = commandOf(line);
  if (command) devices.do(command);
  else console.log(HELP.join('\n'));
}

const server = createServer((socket) => {
  listeners.add(socket);
  socket.on('error', () => socket.destroy());
  socket.on('close', () => listeners.delete(socket));
  createInterface({ input: socket })
    .on('line', obey)
    .on('error', () => undefined);
});
server.on('error', (error) => {
  console.error(`no devices: ${error.message}`);
  process.exit(1);
});
server.listen(PORT, '127.0.0.1', () => {
  console.log(
    `devices at 127.0.0.1:${PORT}: a dial and an angle gauge. Type what the operator does:\n${HELP.join('\n')}`,
  );
});
createInterface({ input: process.stdin }).on('line', obey);
setInterval(() => {
  for (const line of devices.tick(BEAT)) for (const socket of listeners) socket.write(`${line}\n`);
}, BEAT);
