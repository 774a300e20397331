import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { isIP, isIPv6 } from 'node:net';
import { join } from 'node:path';
import { ensureDebian } from './install.mjs';
import { DATA, Fault, has, run, tell } from './run.mjs';

const FOLDER = join(DATA, 'tls');
/** An authority that phones are told once to trust, and a certificate that none of them thinks too long: 825 days are the most that some take (from memory). */
const DAYS = { authority: 3650, certificate: 800 };
const RENEW_DAYS = 60;
const DAY_MS = 24 * 3_600_000;

/** Every name and address by which this machine may be asked for, as it stands in a certificate. */
export function ownNames(host, more) {
  const addresses = Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .map((one) => one.address)
    .filter((address) => !address.startsWith('fe80:'));
  const machine = hostname().toLowerCase();
  const bound = ['0.0.0.0', '::'].includes(host) ? [] : [host];
  return [...new Set(['localhost', machine, `${machine.split('.')[0]}.local`, ...bound, ...more, ...addresses])];
}

const listed = (names) => names.map((name) => `${isIP(name) ? 'IP' : 'DNS'}:${name}`);

/** What the authority can speak for: this machine by its names, and addresses of private networks (RFC 1918, RFC 4193), so that its key opens nothing else to whoever takes it. */
const constrained = (names) =>
  [
    ...listed(names.filter((name) => !isIP(name))),
    ...['127.0.0.0/255.0.0.0', '10.0.0.0/255.0.0.0', '172.16.0.0/255.240.0.0', '192.168.0.0/255.255.0.0'].map(
      (net) => `IP:${net}`,
    ),
    'IP:fc00:0:0:0:0:0:0:0/fe00:0:0:0:0:0:0:0',
    'IP:0:0:0:0:0:0:0:1/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff',
    ...names
      .filter((name) => isIP(name))
      .map((name) => `IP:${name}/${isIPv6(name) ? Array(8).fill('ffff').join(':') : '255.255.255.255'}`),
  ]
    .map((one) => `permitted;${one}`)
    .join(',');

function openssl(args, input) {
  const { code, out, err } = run('openssl', args, { quiet: true, input });
  if (code !== 0) throw new Fault(`openssl could not make the certificate: ${err.trim().split('\n').at(-1)}`);
  return out;
}
const newKey = () => openssl(['genpkey', '-algorithm', 'EC', '-pkeyopt', 'ec_paramgen_curve:P-256']);

const read = (name) => (existsSync(join(FOLDER, name)) ? readFileSync(join(FOLDER, name), 'utf8') : null);
const write = (name, text) => writeFileSync(join(FOLDER, name), text, { mode: 0o600 });
const lastsFor = (pem) => (Date.parse(new X509Certificate(pem).validTo) - Date.now()) / DAY_MS;

/** The authority of this machine, made where there is none that speaks for all the names. */
function authorityFor(names) {
  const spokenFor = JSON.parse(read('authority.json') ?? '[]');
  const [key, certificate] = [read('authority.key'), read('authority.crt')];
  if (key && certificate && names.every((name) => spokenFor.includes(name)) && lastsFor(certificate) > DAYS.certificate)
    return { key, certificate };
  if (certificate)
    tell(
      '(Lignum is asked for by new names: its certificate is made anew, and each device is told once more to trust it.)',
    );
  const made = newKey();
  const keyFile = join(FOLDER, 'authority.key');
  write('authority.key', made);
  const crt = openssl([
    ...['req', '-x509', '-new', '-sha256', '-key', keyFile, '-days', String(DAYS.authority)],
    ...['-subj', `/CN=Lignum at ${hostname().slice(0, 40)}`],
    ...['-addext', 'basicConstraints=critical,CA:TRUE,pathlen:0'],
    ...['-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
    ...['-addext', `nameConstraints=critical,${constrained(names)}`],
  ]);
  write('authority.crt', crt);
  write('authority.json', JSON.stringify(names));
  return { key: made, certificate: crt };
}

function certificateFor(names, authority) {
  const [key, certificate] = [read('pages.key'), read('pages.crt')];
  const isGood =
    key &&
    certificate &&
    lastsFor(certificate) > RENEW_DAYS &&
    names.every((name) =>
      isIP(name) ? new X509Certificate(certificate).checkIP(name) : new X509Certificate(certificate).checkHost(name),
    ) &&
    new X509Certificate(certificate).checkIssued(new X509Certificate(authority.certificate));
  if (isGood) return { key, certificate };
  const made = newKey();
  write('pages.key', made);
  const [request, extensions] = [join(FOLDER, 'pages.csr'), join(FOLDER, 'pages.ext')];
  openssl(['req', '-new', '-sha256', '-key', join(FOLDER, 'pages.key'), '-subj', '/CN=Lignum', '-out', request]);
  writeFileSync(
    extensions,
    `basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=${listed(names).join(',')}\n`,
  );
  const crt = openssl([
    ...['x509', '-req', '-sha256', '-in', request, '-days', String(DAYS.certificate)],
    ...['-CA', join(FOLDER, 'authority.crt'), '-CAkey', join(FOLDER, 'authority.key'), '-CAcreateserial'],
    ...['-extfile', extensions],
  ]);
  rmSync(request);
  rmSync(extensions);
  write('pages.crt', crt);
  return { key: made, certificate: crt };
}

/** The certificate the pages are served with: one that is given, or one by this machine's own authority (PEM, all of it). */
export async function certificateOf(names) {
  const { LIGNUM_TLS_KEY: keyFile, LIGNUM_TLS_CERT: certificateFile } = process.env;
  if (keyFile || certificateFile) {
    if (!keyFile || !certificateFile)
      throw new Fault(
        'LIGNUM_TLS_KEY and LIGNUM_TLS_CERT go together: name the file of the key and that of its certificate.',
      );
    try {
      return {
        key: readFileSync(keyFile, 'utf8'),
        certificate: readFileSync(certificateFile, 'utf8'),
        authority: null,
      };
    } catch (error) {
      throw new Fault(`The certificate cannot be read (${error.message}): see LIGNUM_TLS_KEY and LIGNUM_TLS_CERT.`);
    }
  }
  await ensureDebian(() => has('openssl'), ['openssl']);
  mkdirSync(FOLDER, { recursive: true, mode: 0o700 });
  const authority = authorityFor(names);
  return { ...certificateFor(names, authority), authority: authority.certificate };
}
