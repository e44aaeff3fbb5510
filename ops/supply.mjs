// What is shipped with the application, of whose making and under which licence: docs/sbom (CycloneDX) and NOTICE are
// written from what the build tools tell; --check compares them with what is about to be shipped instead.
import fs from 'node:fs';

const [mavenBom, npmBom, jars, mode] = process.argv.slice(2);
const read = (file) => JSON.parse(fs.readFileSync(file, 'utf8'));

/** Only what says what it is: no addresses, no days, nothing of this machine. */
function plain(bom, name) {
  const components = (bom.components ?? [])
    .filter((c) => c.group !== 'wideharbor')
    .map(({ type, group, name: n, version, licenses, purl, hashes, scope }) => ({
      type,
      ...(group && { group }),
      name: n,
      version,
      ...(scope && { scope }),
      ...(hashes && { hashes: hashes.filter((h) => h.alg === 'SHA-256' || h.alg === 'SHA-512') }),
      licenses: (licenses ?? []).map((l) =>
        l.expression ? { expression: l.expression } : { license: l.license.id ? { id: l.license.id } : { name: l.license.name } },
      ),
      // The type of a Maven package says nothing here.
      purl: purl?.split('?')[0],
    }))
    .sort((a, b) => (a.purl < b.purl ? -1 : 1));
  return { bomFormat: 'CycloneDX', specVersion: '1.6', version: 1, metadata: { component: { type: 'application', name } }, components };
}

const licence = (c) =>
  c.licenses.map((l) => l.expression ?? l.license.id ?? l.license.name).join(' or ') || 'not told by its package';

function notice(boms) {
  const lines = [
    'Wide Harbor',
    '',
    'It ships with the following work of others, each under its own licence. The list is made by ./harbor supply from',
    'what is built; docs/sbom has it for machines, with checksums.',
  ];
  for (const [title, bom] of boms) {
    lines.push('', title, '-'.repeat(title.length), '');
    for (const c of bom.components) lines.push(`${c.group ? `${c.group}/` : ''}${c.name} ${c.version} (${licence(c)})`);
  }
  return lines.join('\n') + '\n';
}

const app = plain(read(mavenBom), 'wide-harbor-application');
const ui = plain(read(npmBom), 'wide-harbor-interface');
const shipped = fs.readFileSync(jars, 'utf8').trim().split('\n').filter((j) => !/^(core|format|standins)-0\.1\.0\.jar$/.test(j));
// What the packaging itself puts into the jar stands in no list of what is asked for.
for (const jar of shipped.filter((j) => j.startsWith('spring-boot-jarmode-tools-'))) {
  const version = jar.slice('spring-boot-jarmode-tools-'.length, -'.jar'.length);
  const name = 'spring-boot-jarmode-tools';
  app.components.push({
    type: 'library',
    group: 'org.springframework.boot',
    name,
    version,
    licenses: [{ license: { id: 'Apache-2.0' } }],
    purl: `pkg:maven/org.springframework.boot/${name}@${version}`,
  });
}
const known = new Set(app.components.map((c) => `${c.name}-${c.version}.jar`));
const told = app.components.filter((c) => shipped.includes(`${c.name}-${c.version}.jar`));
const untold = shipped.filter((j) => !known.has(j));
const jackson = new Set(shipped.filter((j) => /^jackson-databind-/.test(j)).map((j) => j.replace(/^jackson-databind-(\d+)\..*/, '$1')));
if (jackson.size > 1) {
  console.error(`more than one generation of Jackson is shipped: ${[...jackson].join(', ')}`);
  process.exit(1);
}
if (untold.length > 0) {
  console.error(`shipped, but in no list: ${untold.join(', ')}`);
  process.exit(1);
}
const files = {
  'docs/sbom/application.cdx.json': JSON.stringify({ ...app, components: told }, null, 1) + '\n',
  'docs/sbom/interface.cdx.json': JSON.stringify(ui, null, 1) + '\n',
  NOTICE: notice([
    ['Application', { components: told }],
    ['Interface', ui],
  ]),
};
if (mode === '--check') {
  const stale = Object.keys(files).filter((f) => !fs.existsSync(f) || fs.readFileSync(f, 'utf8') !== files[f]);
  if (stale.length > 0) {
    console.error(`${stale.join(', ')}: not what is shipped; ./harbor supply writes them anew`);
    process.exit(1);
  }
  console.log(`${told.length} packages of the application and ${ui.components.length} of the interface, as listed.`);
} else {
  fs.mkdirSync('docs/sbom', { recursive: true });
  for (const [file, text] of Object.entries(files)) fs.writeFileSync(file, text);
  console.log(`written: ${Object.keys(files).join(', ')}`);
}
