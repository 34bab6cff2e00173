import { describe, expect, it } from 'vitest';
import { deviceName, entrance } from './entrance.svelte';

describe('coming in', () => {
  it('is asked for once the program says so, and for nothing else', () => {
    entrance.take(new Response(null, { status: 403 }));
    expect(entrance.out).toBe(false);
    entrance.take(new Response(null, { status: 401 }));
    expect(entrance.out).toBe(true);
    entrance.out = false;
  });

  it('proposes a name by what the browser tells', () => {
    expect(deviceName('Mozilla/5.0 (Linux; Android 15) Chrome/140 Mobile Safari')).toBe(
      'Android phone',
    );
    expect(deviceName('Mozilla/5.0 (Linux; Android 15) Chrome/140 Safari')).toBe('Android tablet');
    expect(deviceName('Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Firefox/140.0')).toBe(
      'Firefox on Linux',
    );
    expect(deviceName('something else')).toBe('Browser');
  });
});
