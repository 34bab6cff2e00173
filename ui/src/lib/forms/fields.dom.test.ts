import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/client';
import FormHead from './FormHead.svelte';
import Picks from './Picks.svelte';
import TextField from './TextField.svelte';

describe('a field', () => {
  it('is described by its hint until something is wrong, and then by that alone', async () => {
    const { rerender } = render(TextField, { label: 'Minutes', value: '0', hint: 'From 1 on' });
    const field = screen.getByLabelText('Minutes');
    const words = () => document.getElementById(field.getAttribute('aria-describedby')!)!;
    expect(words().textContent).toBe('From 1 on');
    expect(field.getAttribute('aria-invalid')).toBe('false');
    await rerender({ fault: 'A bench day has from 1 to 1440 minutes.' });
    expect(words().textContent).toBe('A bench day has from 1 to 1440 minutes.');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(screen.queryByText('From 1 on')).toBeNull();
  });

  it('keeps what is typed', async () => {
    render(TextField, { label: 'Name', value: '' });
    await userEvent.type(screen.getByLabelText('Name'), 'Vanda');
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Vanda');
  });
});

describe('the head of a form', () => {
  it('says only what no field says by itself', () => {
    const problem = new Problem(
      'Two things are wrong.',
      [
        { field: 'minutes', sentence: 'Too many.' },
        { field: 'days', sentence: 'Too few days.' },
      ],
      400,
    );
    render(FormHead, { problem, fields: ['minutes'] });
    expect(screen.getByText(/Too few days/)).toBeTruthy();
    expect(screen.queryByText(/Too many/)).toBeNull();
  });

  it('says nothing while nothing is wrong', () => {
    render(FormHead, { problem: undefined, fields: [] });
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('answers to pick from', () => {
  it('show the one that holds, and tell which is tapped', async () => {
    const onpick = vi.fn();
    render(Picks, {
      legend: 'It becomes',
      choices: [
        { value: 'STAYS', words: 'stays this plant' },
        { value: 'OUT', words: 'thrown away' },
      ],
      value: 'STAYS',
      onpick,
    });
    const pressed = (name: string) =>
      screen.getByRole('button', { name }).getAttribute('aria-pressed');
    expect(pressed('stays this plant')).toBe('true');
    expect(pressed('thrown away')).toBe('false');
    await userEvent.click(screen.getByRole('button', { name: 'thrown away' }));
    expect(onpick).toHaveBeenCalledExactlyOnceWith('OUT');
    expect(screen.getByRole('group', { name: 'It becomes' })).toBeTruthy();
  });
});
