/** What logs balls in the place of a phone, for the scripts that try a server. */

import * as http from 'node:http';
import * as https from 'node:https';
import { monotonicFactory } from 'ulid';

export const newId = monotonicFactory();

/** A coach's device at an address of its own on loopback, as the limits by address would have it. */
export class Device {
  #jar = new Map();
  #site;
  #way;
  #agent;

  /** @param {string} site its origin @param {number} number which device */
  constructor(site, number) {
    this.#site = new URL(site);
    this.#way = this.#site.protocol === 'https:' ? https : http;
    const localAddress = `127.1.${Math.floor(number / 250)}.${1 + (number % 250)}`;
    this.#agent = new this.#way.Agent({ keepAlive: true, maxSockets: 1, localAddress });
  }

  /** @returns {Promise<{status: number | string, body: any, headers?: Record<string, string>}>} the status is a word where no answer came */
  fetch(method, path, body) {
    return this.#ask(method, path, body, 'application/json', (answer, settle) => {
      let text = '';
      answer.setEncoding('utf8').on('data', (more) => {
        text += more;
      });
      answer.on('error', ({ code }) => settle({ status: code, body: null }));
      answer.on('end', () => settle({ status: answer.statusCode, body: parsed(text), headers: answer.headers }));
    });
  }

  /**
   * Asks for something long, line by line.
   *
   * @param {(line: object) => boolean} goesOn told each line; the connection is closed where it says no
   * @returns {Promise<number>} how many lines came
   */
  inSteps(method, path, body, goesOn) {
    return this.#ask(method, path, body, 'application/x-ndjson', (answer, settle) => {
      let [rest, lines] = ['', 0];
      answer.setEncoding('utf8').on('data', (more) => {
        const whole = (rest + more).split('\n');
        rest = whole.pop();
        for (const line of whole) {
          lines += 1;
          if (!goesOn(JSON.parse(line))) {
            answer.destroy();
            return settle(lines);
          }
        }
      });
      answer.on('error', () => settle(lines));
      answer.on('end', () => settle(lines));
    });
  }

  #ask(method, path, body, accept, read) {
    const sent = body === undefined ? '' : JSON.stringify(body);
    const { hostname, port, host } = this.#site;
    const headers = {
      Host: host,
      Accept: accept,
      Cookie: [...this.#jar].map(([name, value]) => `${name}=${value}`).join('; '),
      'X-XSRF-TOKEN': decodeURIComponent(this.#jar.get('XSRF-TOKEN') ?? ''),
      ...(sent === '' ? {} : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(sent) }),
    };
    return new Promise((settle) => {
      const asking = this.#way.request({ agent: this.#agent, host: '127.0.0.1', servername: hostname, port, method, path: `/api/${path}`, headers }, (answer) => {
        for (const cookie of answer.headers['set-cookie'] ?? []) {
          const [name, value] = cookie.split(';')[0].split(/=(.*)/s);
          this.#jar.set(name, value);
        }
        read(answer, settle);
      });
      asking.on('error', ({ code }) => settle({ status: code, body: null }));
      asking.end(sent);
    });
  }

  /** Makes an account and stays signed in. */
  async signUp(name) {
    await this.fetch('GET', 'me');
    const made = await this.fetch('POST', 'sign-up', { name, email: `${name.toLowerCase().replaceAll(' ', '-')}@amble.example`, password: 'a long password' });
    if (made.status !== 201) {
      throw new Error(`${name} could not sign up: ${made.status} ${JSON.stringify(made.body)}`);
    }
  }

  /** Another device of the same coach. */
  alike(number) {
    const other = new Device(this.#site.origin, number);
    other.#jar = new Map(this.#jar);
    return other;
  }
}

/** Something else than JSON is an answer too: of a server that fell over, say. */
function parsed(text) {
  try {
    return text === '' ? null : JSON.parse(text);
  } catch {
    return text;
  }
}

/** A ball nobody asked more of, as it is sent. */
export function ball() {
  return {
    id: newId(), at_ms: Date.now(), type: 'putt_logged', version: 2, backstroke_m: 0.2, roll_m: 3, target_m: null, stop: 'free',
    grade_percent: 0, across_percent: null, mark: null, cause: null, seen: {},
  };
}

/** A file of records with so many balls, as a workspace gives it out. */
export function records(balls) {
  const times = { created_at: '2025-01-01 10:00:00', updated_at: '2025-01-01 10:00:00' };
  const students = Array.from({ length: 10 }, (_, n) => ({
    id: newId(), name: `Student ${n}`, hand: 'right', level: 'club', unit: 'feet', finish_past_m: 0.3, school: 'rule', is_gentle: false, ...times,
  }));
  const green = { id: newId(), name: 'Far lawn', surface: 'grass', ...times };
  const sessions = Array.from({ length: balls / 100 }, (_, n) => ({
    id: newId(), student_id: students[n % 10].id, green_id: green.id, minutes: 60, is_home: false,
    started_at: `2025-${String(1 + (n % 12)).padStart(2, '0')}-${String(1 + (n % 28)).padStart(2, '0')} 10:00:00`,
    ended_at: `2025-${String(1 + (n % 12)).padStart(2, '0')}-${String(1 + (n % 28)).padStart(2, '0')} 11:00:00`, ...times,
  }));
  const events = sessions.flatMap(({ id, started_at }) =>
    Array.from({ length: 100 }, (_unused, n) => {
      const { type, version, id: ballId, at_ms: _now, ...payload } = ball();
      return { id: ballId, practice_session_id: id, type, version, payload, at_ms: Date.parse(`${started_at.replace(' ', 'T')}Z`) + 20_000 * n, recorded_at: started_at };
    }),
  );
  return { format: 'amble-records', version: 2, of: 'bench', name: 'Other', made_at: '2025-12-01T10:00:00Z', tables: { students, greens: [green], practice_sessions: sessions, session_events: events } };
}
