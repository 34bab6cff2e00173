// Sends requests that are drawn from the interface's own description, with bodies that are right, nearly
// right, and wrong; each must be answered in time, with a problem where it is refused.
import { readFileSync } from 'node:fs';
import { Program } from './program.mjs';

const SLOW_MS = 2000;
const AT_ONCE = 8;
/** What changes the whole collection, or takes as long as that is large. */
const LEFT_OUT = [/^\/api\/backups/, /^\/api\/package/, /\/photos$/];

function random(seed) {
  let state = seed;
  return (most) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state % most;
  };
}

const ODD = [null, '', '=1+1', -1, 0, 1e308, 'NaN', 'Infinity', [], {}, true, '2027-02-30', 'x'.repeat(5000), '\u0000', '\ud800', [null], { '': 0 }];

class Maker {
  constructor(described, next) {
    this.described = described;
    this.next = next;
  }

  pick(values) {
    return values[this.next(values.length)];
  }

  value(schema, depth = 0) {
    if (this.next(14) === 0) return this.pick(ODD);
    if (!schema || depth > 6) return null;
    if (schema.$ref)
      return this.value(this.described.components.schemas[schema.$ref.split('/').pop()], depth + 1);
    if (schema.enum) return this.pick(schema.enum);
    const type = Array.isArray(schema.type) ? this.pick(schema.type) : schema.type;
    switch (type) {
      case 'object': {
        const made = {};
        for (const [name, each] of Object.entries(schema.properties ?? {}))
          if (schema.required?.includes(name) || this.next(3)) made[name] = this.value(each, depth + 1);
        if (schema.additionalProperties && this.next(2))
          made[this.pick(['leaves', 'newRoots', 'SOFT', 'x'])] = this.value(schema.additionalProperties, depth + 1);
        if (this.next(20) === 0) made.unknown = 1;
        return made;
      }
      case 'array':
        return Array.from({ length: this.next(4) }, () => this.value(schema.items, depth + 1));
      case 'integer':
        return this.pick([0, 1, 2, 5, 64, -1, 2147483647, 9e15]);
      case 'number':
        return this.pick([0, 0.5, 12, 140, -3, 1e9, 1e-9]);
      case 'boolean':
        return this.next(2) === 0;
      case 'null':
        return null;
      default:
        if (schema.format === 'date') return this.pick(['2027-05-15', '2027-05-01', '1066-01-01', '9999-12-31', '+999999999-12-31', '-999999999-01-01']);
        if (schema.format === 'uuid') return '00000000-0000-4000-8000-00000000000' + this.next(10);
        if (schema.format === 'date-time') return '2027-05-15T10:00:00Z';
        return this.pick(['Sill', 'own', 'unknown', '2026', '', ' ', '“”', 'x'.repeat(300)]);
    }
  }

  request() {
    const [path, methods] = this.pick(
      Object.entries(this.described.paths).filter(([each]) => !LEFT_OUT.some((left) => left.test(each))),
    );
    const [method, operation] = this.pick(Object.entries(methods));
    const filled = path.replace(/\{(\w+)\}/g, (_, name) =>
      addressed((this.next(8) ? this.parameter(operation, name) : this.pick(['x', '-1', '%00', '1e9', '../1']))),
    );
    const query = (operation.parameters ?? [])
      .filter((each) => each.in === 'query' && (each.required || this.next(2)))
      .map((each) => `${each.name}=${addressed(this.value(each.schema))}`)
      .join('&');
    const schema = operation.requestBody?.content?.['application/json']?.schema;
    let body = schema ? JSON.stringify(this.value(schema)) : undefined;
    if (body && this.next(25) === 0) body = body.slice(0, this.next(body.length));
    return { method: method.toUpperCase(), path: filled + (query ? `?${query}` : ''), body };
  }

  parameter(operation, name) {
    const schema = operation.parameters?.find((each) => each.name === name)?.schema;
    return schema?.type === 'integer' ? 1 + this.next(70) : this.value(schema);
  }
}

/** As it can stand in an address; half a character cannot. */
const addressed = (value) => encodeURIComponent(String(value).toWellFormed?.() ?? String(value).replace(/[\ud800-\udfff]/g, '?'));

export async function hostile(data, times) {
  const program = await Program.start(data);
  const described = JSON.parse(readFileSync('app/src/main/resources/openapi.json', 'utf8'));
  const maker = new Maker(described, random(11));
  const count = { requests: 0, taken: 0, refused: 0, faults: 0, slow: 0, notProblems: 0, unanswered: 0 };
  const worst = [];
  async function one() {
    while (count.requests < times) {
      count.requests++;
      const { method, path, body } = maker.request();
      const began = performance.now();
      try {
        const answer = await fetch(program.url(path), {
          method,
          ...(method === 'GET' || method === 'HEAD' ? {} : { body: body ?? '', headers: { 'Content-Type': 'application/json' } }),
        });
        await answer.arrayBuffer();
        if (answer.status < 400) count.taken++;
        else {
          count.refused++;
          if (!String(answer.headers.get('content-type')).includes('problem+json')) {
            count.notProblems++;
            worst.push(`${answer.status} ${answer.headers.get('content-type')} ${method} ${path}`);
          }
        }
        if (answer.status >= 500 && answer.status !== 503) {
          count.faults++;
          worst.push(`${answer.status} ${method} ${path} ${body ?? ''}`.slice(0, 400));
        }
      } catch (failure) {
        count.unanswered++;
        worst.push(`${failure.message} ${method} ${path}`);
      }
      if (performance.now() - began > SLOW_MS) {
        count.slow++;
        worst.push(`slow ${Math.round(performance.now() - began)} ms ${method} ${path} ${body ?? ''}`.slice(0, 300));
      }
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, one));
  await program.stop();
  worst.sort((one, other) => one.startsWith('slow') - other.startsWith('slow'));
  for (const line of worst.slice(0, 12)) console.error(`    ${line}`);
  return count;
}
